import type { Metadata } from 'next';
import { PiecePage } from '@/features/piece/piece-page';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.aPiece };

type Props = { readonly params: Promise<{ readonly code: string }>; readonly searchParams: Promise<{ readonly wrong?: string }> };

export default async function Piece({ params, searchParams }: Props) {
  return <PiecePage code={(await params).code} wrong={(await searchParams).wrong ?? ''} />;
}
