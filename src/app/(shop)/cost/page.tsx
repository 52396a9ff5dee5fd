import type { Metadata } from 'next';
import { Cost } from '@/features/cost/cost';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.whatAFinishCosts };

type Props = { readonly searchParams: Promise<Record<string, string | string[] | undefined>> };

export default async function Page({ searchParams }: Props) {
  return <Cost asked={await searchParams} />;
}
