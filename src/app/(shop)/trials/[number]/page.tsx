import type { Metadata } from 'next';
import { TrialPage } from '@/features/trials/trial-page';
import { pages as wording } from '@/messages/screens/app';

type Props = { readonly params: Promise<{ readonly number: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: wording.trial((await params).number) };
}

export default async function Page({ params }: Props) {
  return <TrialPage number={(await params).number} />;
}
