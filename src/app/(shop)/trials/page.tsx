import type { Metadata } from 'next';
import { Trials } from '@/features/trials/trials';

export const metadata: Metadata = { title: 'Trials' };

export default function Page() {
  return <Trials />;
}
