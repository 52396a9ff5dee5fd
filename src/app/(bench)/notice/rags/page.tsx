import type { Metadata } from 'next';
import { RagNotice } from '@/features/work/rag-notice';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.oilyCloths };

export default function Rags() {
  return <RagNotice />;
}
