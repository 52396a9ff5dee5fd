import type { Metadata } from 'next';
import { NewRestoration } from '@/features/restore/restore';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.aPieceComesHome };

type Props = { readonly searchParams: Promise<{ readonly code?: string }> };

export default async function Restore({ searchParams }: Props) {
  return <NewRestoration code={(await searchParams).code ?? ''} />;
}
