import type { Metadata } from 'next';
import { Regimens } from '@/features/work/regimens';

export const metadata: Metadata = { title: 'Regimens' };

export default function RegimensPage() {
  return <Regimens />;
}
