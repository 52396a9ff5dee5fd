import type { Metadata } from 'next';
import { Regimens } from '@/features/regimens/regimens';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.regimens };

export default function RegimensPage() {
  return <Regimens />;
}
