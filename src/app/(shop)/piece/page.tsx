import type { Metadata } from 'next';
import { FoundPieces } from '@/features/piece/found';
import { shared } from '@/messages/screens/shared';

export const metadata: Metadata = { title: shared.findAPiece };

type Props = { readonly searchParams: Promise<{ readonly find?: string | string[] }> };

export default async function Pieces({ searchParams }: Props) {
  return <FoundPieces asked={String((await searchParams).find ?? '').trim()} />;
}
