import { LotPage } from '@/features/stores/lot-page';
import type { Search } from '@/web/table/asked';

export const metadata = { title: 'Lot' };

type Props = { readonly params: Promise<{ readonly id: string }>; readonly searchParams: Promise<Search> };

export default async function Page({ params, searchParams }: Props) {
  return <LotPage id={Number((await params).id)} search={await searchParams} />;
}
