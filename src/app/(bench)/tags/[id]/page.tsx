import type { Metadata } from 'next';
import { Tags } from '@/features/work/tags';

export const metadata: Metadata = { title: 'Tags' };

export default async function TagsPage({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  return <Tags id={Number((await params).id)} />;
}
