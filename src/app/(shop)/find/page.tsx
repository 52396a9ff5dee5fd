import type { Metadata } from 'next';
import { Find } from '@/features/find/find';

export const metadata: Metadata = { title: 'Find' };

type Asked = { readonly words?: string | string[] };

export default async function FindPage({ searchParams }: { readonly searchParams: Promise<Asked> }) {
  const { words } = await searchParams;
  return <Find asked={([words ?? ''].flat()[0] ?? '').slice(0, 200)} />;
}
