import type { Metadata } from 'next';
import { Regimens } from '@/features/regimens/regimens';
import { shared } from '@/messages/screens/shared';

export const metadata: Metadata = { title: shared.regimens };

export default function RegimensPage() {
  return <Regimens />;
}
