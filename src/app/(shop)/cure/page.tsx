import type { Metadata } from 'next';
import { z } from 'zod';
import { Cure } from '@/features/cure/cure';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.cure };

export default async function CureList({ searchParams }: { readonly searchParams: Promise<{ readonly by?: string }> }) {
  // A day that makes no sense is none.
  const by = z.iso.date().safeParse((await searchParams).by);
  return <Cure by={by.success ? by.data : null} />;
}
