import type { Metadata } from 'next';
import { Guide } from '@/features/guide/guide';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.guide };

export default async function Page({ searchParams }: { readonly searchParams: Promise<{ readonly words?: string | string[] }> }) {
  const { words } = await searchParams;
  return <Guide asked={(typeof words === 'string' ? words : '').slice(0, 200).trim()} />;
}
