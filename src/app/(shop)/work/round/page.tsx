import type { Metadata } from 'next';
import { Round } from '@/features/work/round';

export const metadata: Metadata = { title: 'One round' };

export default function RoundPage() {
  return <Round />;
}
