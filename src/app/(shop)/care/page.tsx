import type { Metadata } from 'next';
import { Care, type CareAsked } from '@/features/care/care';

export const metadata: Metadata = { title: 'Care' };

export default async function CareList({ searchParams }: { readonly searchParams: Promise<CareAsked> }) {
  return <Care {...(await searchParams)} />;
}
