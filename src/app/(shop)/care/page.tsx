import type { Metadata } from 'next';
import { Care } from '@/features/care/care';
import type { Search } from '@/web/table/asked';

export const metadata: Metadata = { title: 'Care' };

export default async function CareList({ searchParams }: { readonly searchParams: Promise<Search> }) {
  return <Care search={await searchParams} />;
}
