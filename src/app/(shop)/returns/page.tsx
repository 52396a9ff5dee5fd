import type { Metadata } from 'next';
import { Returns } from '@/features/care/returns';
import { pages as wording } from '@/messages/screens/app';
import type { Search } from '@/web/table/asked';

export const metadata: Metadata = { title: wording.whatComesBack };

export default async function WhatComesBack({ searchParams }: { readonly searchParams: Promise<Search> }) {
  return <Returns search={await searchParams} />;
}
