import type { Metadata } from 'next';
import { NewBatch } from '@/features/work/new-batch';

export const metadata: Metadata = { title: 'Start a batch' };

export default function NewBatchPage() {
  return <NewBatch />;
}
