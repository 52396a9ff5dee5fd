import { Compare } from '@/features/blends/compare';

export const metadata = { title: 'Formulas side by side' };

export default async function Page({ searchParams }: { readonly searchParams: Promise<{ readonly f?: string | string[] }> }) {
  const { f } = await searchParams;
  return <Compare ids={[f ?? []].flat().map(Number)} />;
}
