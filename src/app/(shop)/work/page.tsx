import type { Metadata } from 'next';
import { Work } from '@/features/work/work';
import { pages as wording } from '@/messages/screens/app';
import type { Search } from '@/web/table/asked';

export const metadata: Metadata = { title: wording.work };

export default async function WorkPage({ searchParams }: { readonly searchParams: Promise<Search> }) {
  return <Work search={await searchParams} />;
}
