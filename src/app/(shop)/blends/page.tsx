import type { Metadata } from 'next';
import { Blends } from '@/features/blends/blends';

export const metadata: Metadata = { title: 'Blends' };

export default function BlendsPage() {
  return <Blends />;
}
