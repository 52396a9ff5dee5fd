import type { Metadata } from 'next';
import { FirstAid } from '@/features/guide/first-aid';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.firstAid };

export default function Page() {
  return <FirstAid />;
}
