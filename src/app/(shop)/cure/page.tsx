import type { Metadata } from 'next';
import { Cure } from '@/features/cure/cure';

export const metadata: Metadata = { title: 'Cure' };

export default async function CureList({ searchParams }: { readonly searchParams: Promise<{ readonly by?: string }> }) {
  return <Cure by={(await searchParams).by || null} />;
}
