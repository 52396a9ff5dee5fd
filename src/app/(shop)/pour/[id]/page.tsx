import type { Metadata } from 'next';
import { PourPage } from '@/features/pour/pour';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.pour };

export default async function Pour({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  return <PourPage id={Number((await params).id)} />;
}
