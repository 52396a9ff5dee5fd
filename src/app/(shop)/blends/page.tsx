import type { Metadata } from 'next';
import { Blends } from '@/features/blends/blends';
import type { Search } from '@/web/table/asked';

export const metadata: Metadata = { title: 'Blends' };

export default async function BlendsPage({ searchParams }: { readonly searchParams: Promise<Search> }) {
  return <Blends search={await searchParams} />;
}
