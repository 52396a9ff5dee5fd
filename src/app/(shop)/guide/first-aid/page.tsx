import type { Metadata } from 'next';
import { FirstAid } from '@/features/guide/first-aid';

export const metadata: Metadata = { title: 'First aid' };

export default function Page() {
  return <FirstAid />;
}
