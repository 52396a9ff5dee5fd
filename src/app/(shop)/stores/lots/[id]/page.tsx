import { LotPage } from '@/features/stores/lot-page';

export const metadata = { title: 'Lot' };

export default async function Page({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  return <LotPage id={Number((await params).id)} />;
}
