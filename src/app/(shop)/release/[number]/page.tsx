import type { Metadata } from 'next';
import { ReleasePage } from '@/features/release/release';

export const metadata: Metadata = { title: 'Release' };

export default async function Release({ params }: { readonly params: Promise<{ readonly number: string }> }) {
  return <ReleasePage number={(await params).number} />;
}
