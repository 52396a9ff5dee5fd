import type { Metadata } from 'next';
import { type SlipAsked, SlipPage } from '@/features/care/slip-page';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.slip };

type Props = { readonly params: Promise<{ readonly code: string }>; readonly searchParams: Promise<SlipAsked> };

export default async function Slip({ params, searchParams }: Props) {
  return <SlipPage code={(await params).code} asked={await searchParams} />;
}
