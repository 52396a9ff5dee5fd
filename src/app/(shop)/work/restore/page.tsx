import type { Metadata } from 'next';
import { NewRestoration } from '@/features/restore/restore';

export const metadata: Metadata = { title: 'A piece comes home' };

type Props = { readonly searchParams: Promise<{ readonly code?: string }> };

export default async function Restore({ searchParams }: Props) {
  return <NewRestoration code={(await searchParams).code ?? ''} />;
}
