import type { Metadata } from 'next';
import { Tags } from '@/features/work/tags';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.tags };

export default async function TagsPage({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  return <Tags id={Number((await params).id)} />;
}
