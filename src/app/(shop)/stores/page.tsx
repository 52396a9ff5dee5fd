import type { Metadata } from 'next';
import { Stores } from '@/features/stores/stores';
import type { Search } from '@/web/table/asked';

export const metadata: Metadata = { title: 'Stores' };

export default async function StoresPage({ searchParams }: { readonly searchParams: Promise<Search> }) {
  return <Stores search={await searchParams} />;
}
