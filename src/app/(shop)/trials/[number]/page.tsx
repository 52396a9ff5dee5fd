import type { Metadata } from 'next';
import { TrialPage } from '@/features/trials/trial-page';

type Props = { readonly params: Promise<{ readonly number: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: `Trial ${(await params).number}` };
}

export default async function Page({ params }: Props) {
  return <TrialPage number={(await params).number} />;
}
