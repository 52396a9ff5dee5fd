import type { Metadata } from 'next';
import { Changes } from '@/features/facts/changes';

export const metadata: Metadata = { title: 'What is known has changed' };

export default function ChangesPage() {
  return <Changes />;
}
