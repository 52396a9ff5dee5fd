import type { Metadata } from 'next';
import { CurePage } from '@/features/cure/cure-page';

export const metadata: Metadata = { title: 'Cure of a batch' };

export default async function CureOfBatch({ params }: { readonly params: Promise<{ readonly number: string }> }) {
  return <CurePage number={(await params).number} />;
}
