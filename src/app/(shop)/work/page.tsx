import type { Metadata } from 'next';
import { Work } from '@/features/work/work';
import type { Search } from '@/web/table/asked';

export const metadata: Metadata = { title: 'Work' };

export default async function WorkPage({ searchParams }: { readonly searchParams: Promise<Search> }) {
  return <Work search={await searchParams} />;
}
