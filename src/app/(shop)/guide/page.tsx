import type { Metadata } from 'next';
import { Guide } from '@/features/guide/guide';

export const metadata: Metadata = { title: 'Guide' };

export default async function Page({ searchParams }: { readonly searchParams: Promise<{ readonly words?: string | string[] }> }) {
  const { words } = await searchParams;
  return <Guide asked={(typeof words === 'string' ? words : '').slice(0, 200).trim()} />;
}
