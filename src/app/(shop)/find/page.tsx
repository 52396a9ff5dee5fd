import type { Metadata } from 'next';
import { Find } from '@/features/find/find';
import { shared } from '@/messages/screens/shared';

export const metadata: Metadata = { title: shared.find };

type Asked = { readonly words?: string | string[] };

export default async function FindPage({ searchParams }: { readonly searchParams: Promise<Asked> }) {
  const { words } = await searchParams;
  return <Find asked={([words ?? ''].flat()[0] ?? '').slice(0, 200)} />;
}
