import type { Metadata } from 'next';
import { ReleasePage } from '@/features/release/release';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.release };

export default async function Release({ params }: { readonly params: Promise<{ readonly number: string }> }) {
  return <ReleasePage number={(await params).number} />;
}
