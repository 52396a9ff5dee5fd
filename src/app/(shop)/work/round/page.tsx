import type { Metadata } from 'next';
import { Round } from '@/features/bench/round';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.oneRound };

export default function RoundPage() {
  return <Round />;
}
