import type { Metadata } from 'next';
import { CurePage } from '@/features/cure/cure-page';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.cureOfABatch };

export default async function CureOfBatch({ params }: { readonly params: Promise<{ readonly number: string }> }) {
  return <CurePage number={(await params).number} />;
}
