import type { Metadata } from 'next';
import { Blends } from '@/features/blends/blends';
import { pages as wording } from '@/messages/screens/app';
import type { Search } from '@/web/table/asked';

export const metadata: Metadata = { title: wording.blends };

export default async function BlendsPage({ searchParams }: { readonly searchParams: Promise<Search> }) {
  return <Blends search={await searchParams} />;
}
