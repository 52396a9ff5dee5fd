import type { Metadata } from 'next';
import { RagNotice } from '@/features/work/rag-notice';
import { shared } from '@/messages/screens/shared';

export const metadata: Metadata = { title: shared.oilyCloths };

export default function Rags() {
  return <RagNotice />;
}
