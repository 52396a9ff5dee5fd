import type { Metadata } from 'next';
import { FirstAid } from '@/features/guide/first-aid';
import { shared } from '@/messages/screens/shared';

export const metadata: Metadata = { title: shared.firstAid };

export default function Page() {
  return <FirstAid />;
}
