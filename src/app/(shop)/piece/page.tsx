import type { Metadata } from 'next';
import { FoundPieces } from '@/features/piece/found';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.findAPiece };

type Props = { readonly searchParams: Promise<{ readonly find?: string | string[] }> };

export default async function Pieces({ searchParams }: Props) {
  return <FoundPieces asked={String((await searchParams).find ?? '').trim()} />;
}
