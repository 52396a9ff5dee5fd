import type { Metadata } from 'next';
import { PourPage } from '@/features/pour/pour';

export const metadata: Metadata = { title: 'Pour' };

export default async function Pour({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  return <PourPage id={Number((await params).id)} />;
}
