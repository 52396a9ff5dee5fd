import type { Metadata } from 'next';
import { Stores } from '@/features/stores/stores';

export const metadata: Metadata = { title: 'Stores' };

export default function StoresPage() {
  return <Stores />;
}
