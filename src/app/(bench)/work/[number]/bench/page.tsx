import type { Metadata } from 'next';
import { BenchPage } from '@/features/bench/bench-page';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.bench };

export default async function Bench({ params }: { readonly params: Promise<{ readonly number: string }> }) {
  return <BenchPage number={(await params).number} />;
}
