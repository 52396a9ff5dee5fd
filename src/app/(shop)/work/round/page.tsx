import type { Metadata } from 'next';
import { Round } from '@/features/bench/round';

export const metadata: Metadata = { title: 'One round' };

export default function RoundPage() {
  return <Round />;
}
