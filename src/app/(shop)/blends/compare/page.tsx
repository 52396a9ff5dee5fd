import { Compare } from '@/features/blends/compare';
import { pages as wording } from '@/messages/screens/app';

export const metadata = { title: wording.formulasSideBySide };

export default async function Page({ searchParams }: { readonly searchParams: Promise<{ readonly f?: string | string[] }> }) {
  const { f } = await searchParams;
  return <Compare ids={[f ?? []].flat().map(Number)} />;
}
