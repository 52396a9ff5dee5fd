import { LabelPage } from '@/features/pour/label-page';

export const metadata = { title: 'Labels' };

export default async function Page({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  return <LabelPage id={Number((await params).id)} />;
}
