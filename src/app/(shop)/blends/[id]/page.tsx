import type { Metadata } from 'next';
import { Bench } from '@/features/blends/blends';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.formula };

export default async function FormulaPage({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  return <Bench id={Number((await params).id)} />;
}
