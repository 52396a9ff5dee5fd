import { Today } from '@/features/today/today';

type Search = { readonly who?: string; readonly place?: string };

export default async function TodayPage({ searchParams }: { readonly searchParams: Promise<Search> }) {
  const { who, place } = await searchParams;
  return <Today look={{ who: who || null, place: place || null }} />;
}
