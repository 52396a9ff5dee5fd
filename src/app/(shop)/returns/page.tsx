import type { Metadata } from 'next';
import { Returns } from '@/features/care/returns';
import type { Search } from '@/web/table/asked';

export const metadata: Metadata = { title: 'What comes back' };

export default async function WhatComesBack({ searchParams }: { readonly searchParams: Promise<Search> }) {
  return <Returns search={await searchParams} />;
}
