import type { Metadata } from 'next';
import { Regimens } from '@/features/regimens/regimens';

export const metadata: Metadata = { title: 'Regimens' };

export default function RegimensPage() {
  return <Regimens />;
}
