import type { Metadata } from 'next';
import { NewRestoration } from '@/features/restore/restore';

export const metadata: Metadata = { title: 'A piece comes home' };

export default function Restore() {
  return <NewRestoration />;
}
