import type { Metadata } from 'next';
import { NewTrialPage } from '@/features/trials/new-trial';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.layOutATrial };

export default function Page() {
  return <NewTrialPage />;
}
