import type { Metadata } from 'next';
import { NewRestoration } from '@/features/restore/restore';
import { shared } from '@/messages/screens/shared';

export const metadata: Metadata = { title: shared.aPieceComesHome };

type Props = { readonly searchParams: Promise<{ readonly code?: string }> };

export default async function Restore({ searchParams }: Props) {
  return <NewRestoration code={(await searchParams).code ?? ''} />;
}
