import type { Metadata } from 'next';
import { RegimenPage } from '@/features/regimens/regimens';

export const metadata: Metadata = { title: 'Regimen' };

export default async function OneRegimen({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  return <RegimenPage id={decodeURIComponent((await params).id)} />;
}
