import type { Metadata } from 'next';
import { Trials } from '@/features/trials/trials';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.trials };

export default function Page() {
  return <Trials />;
}
