import type { Metadata } from 'next';
import { SlipPage } from '@/features/care/care';

export const metadata: Metadata = { title: 'Slip' };

export default async function Slip({ params }: { readonly params: Promise<{ readonly code: string }> }) {
  return <SlipPage code={(await params).code} />;
}
