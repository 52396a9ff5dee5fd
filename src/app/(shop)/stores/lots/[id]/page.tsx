import { LotPage } from '@/features/stores/lot-page';
import { shared } from '@/messages/screens/shared';
import type { Search } from '@/web/table/asked';

export const metadata = { title: shared.lot };

type Props = { readonly params: Promise<{ readonly id: string }>; readonly searchParams: Promise<Search> };

export default async function Page({ params, searchParams }: Props) {
  return <LotPage id={Number((await params).id)} search={await searchParams} />;
}
