import type { Metadata } from 'next';
import { Cure } from '@/features/cure/cure';

export const metadata: Metadata = { title: 'Cure' };

export default function CureList() {
  return <Cure />;
}
