import type { Metadata } from 'next';
import { Work } from '@/features/work/work';

export const metadata: Metadata = { title: 'Work' };

export default async function WorkPage({ searchParams }: { readonly searchParams: Promise<{ readonly page?: string }> }) {
  return <Work {...(await searchParams)} />;
}
