import type { Metadata } from 'next';
import { FoundPieces } from '@/features/piece/found';

export const metadata: Metadata = { title: 'Find a piece' };

type Props = { readonly searchParams: Promise<{ readonly find?: string | string[] }> };

export default async function Pieces({ searchParams }: Props) {
  return <FoundPieces asked={String((await searchParams).find ?? '').trim()} />;
}
