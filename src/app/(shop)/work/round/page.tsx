import type { Metadata } from 'next';
import { Round } from '@/features/bench/round';
import { shared } from '@/messages/screens/shared';

export const metadata: Metadata = { title: shared.oneRound };

export default function RoundPage() {
  return <Round />;
}
