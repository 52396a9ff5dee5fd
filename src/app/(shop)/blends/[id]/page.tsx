import type { Metadata } from 'next';
import { Bench } from '@/features/blends/blends';

export const metadata: Metadata = { title: 'Formula' };

export default async function FormulaPage({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  return <Bench id={Number((await params).id)} />;
}
