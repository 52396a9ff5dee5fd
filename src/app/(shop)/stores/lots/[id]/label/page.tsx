import { LabelPage } from '@/features/pour/label-page';
import { shared } from '@/messages/screens/shared';

export const metadata = { title: shared.labels };

type Props = { readonly params: Promise<{ readonly id: string }>; readonly searchParams: Promise<{ readonly lang?: string }> };

export default async function Page({ params, searchParams }: Props) {
  const { lang } = await searchParams;
  return <LabelPage id={Number((await params).id)} {...(lang ? { lang } : {})} />;
}
