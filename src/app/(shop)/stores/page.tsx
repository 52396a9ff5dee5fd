import type { Metadata } from 'next';
import { Stores } from '@/features/stores/stores';
import { pages as wording } from '@/messages/screens/app';
import type { Search } from '@/web/table/asked';

export const metadata: Metadata = { title: wording.stores };

export default async function StoresPage({ searchParams }: { readonly searchParams: Promise<Search> }) {
  return <Stores search={await searchParams} />;
}
