import type { Metadata } from 'next';
import { Care } from '@/features/care/care';
import { pages as wording } from '@/messages/screens/app';
import type { Search } from '@/web/table/asked';

export const metadata: Metadata = { title: wording.care };

export default async function CareList({ searchParams }: { readonly searchParams: Promise<Search> }) {
  return <Care search={await searchParams} />;
}
