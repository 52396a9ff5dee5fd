import type { Metadata } from 'next';
import { Work } from '@/features/work/work';

export const metadata: Metadata = { title: 'Work' };

export default function WorkPage() {
  return <Work />;
}
