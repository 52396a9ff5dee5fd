import type { Metadata } from 'next';
import { OwnerPage } from '@/features/care/care';

export const metadata: Metadata = { title: 'How to care for it' };

export default async function Owner({ params }: { readonly params: Promise<{ readonly code: string }> }) {
  return <OwnerPage code={(await params).code} />;
}
