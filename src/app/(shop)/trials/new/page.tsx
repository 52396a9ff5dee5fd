import type { Metadata } from 'next';
import { NewTrial } from '@/features/trials/new-trial';

export const metadata: Metadata = { title: 'Lay out a trial' };

export default function Page() {
  return <NewTrial />;
}
