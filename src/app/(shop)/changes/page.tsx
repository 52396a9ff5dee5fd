import type { Metadata } from 'next';
import { Changes } from '@/features/facts/changes';
import { shared } from '@/messages/screens/shared';

export const metadata: Metadata = { title: shared.whatIsKnownHasChanged };

export default function ChangesPage() {
  return <Changes />;
}
