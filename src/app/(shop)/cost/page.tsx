import type { Metadata } from 'next';
import { Cost } from '@/features/cost/cost';

export const metadata: Metadata = { title: 'What a finish costs' };

type Props = { readonly searchParams: Promise<Record<string, string | string[] | undefined>> };

export default async function Page({ searchParams }: Props) {
  return <Cost asked={await searchParams} />;
}
