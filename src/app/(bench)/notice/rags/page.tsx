import type { Metadata } from 'next';
import { RagNotice } from '@/features/work/rag-notice';

export const metadata: Metadata = { title: 'Oily cloths' };

export default function Rags() {
  return <RagNotice />;
}
