import type { Metadata } from 'next';
import { GuidePage, guideTitle } from '@/features/guide/guide-page';

type Props = { readonly params: Promise<{ readonly id: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  return { title: guideTitle(id) };
}

export default async function Page({ params }: Props) {
  return <GuidePage id={(await params).id} />;
}
