import type { Metadata } from 'next';
import { BenchPage } from '@/features/bench/bench-page';

export const metadata: Metadata = { title: 'Bench' };

export default async function Bench({ params }: { readonly params: Promise<{ readonly number: string }> }) {
  return <BenchPage number={(await params).number} />;
}
