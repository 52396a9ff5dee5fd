import type { Metadata } from 'next';
import { Care } from '@/features/care/care';

export const metadata: Metadata = { title: 'Care' };

export default function CareList() {
  return <Care />;
}
