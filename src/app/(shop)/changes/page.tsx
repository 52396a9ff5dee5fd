import type { Metadata } from 'next';
import { Changes } from '@/features/facts/changes';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.whatIsKnownHas };

export default function ChangesPage() {
  return <Changes />;
}
