import { LotPage } from '@/features/stores/lot-page';
import { pages as wording } from '@/messages/screens/app';
import type { Search } from '@/web/table/asked';

export const metadata = { title: wording.lot };

type Props = { readonly params: Promise<{ readonly id: string }>; readonly searchParams: Promise<Search> };

export default async function Page({ params, searchParams }: Props) {
  return <LotPage id={Number((await params).id)} search={await searchParams} />;
}
