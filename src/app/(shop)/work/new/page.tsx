import type { Metadata } from 'next';
import { NewBatch } from '@/features/work/new-batch';

export const metadata: Metadata = { title: 'Start a batch' };

export default async function StartBatchPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly regimen?: string }>;
}) {
  return <NewBatch regimen={(await searchParams).regimen ?? null} />;
}
