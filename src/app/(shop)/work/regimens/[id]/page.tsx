import type { Metadata } from 'next';
import { RegimenPage } from '@/features/regimens/regimens';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.regimen };

export default async function OneRegimen({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  return <RegimenPage id={decodeURIComponent((await params).id)} />;
}
