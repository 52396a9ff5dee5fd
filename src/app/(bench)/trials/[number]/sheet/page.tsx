import type { Metadata } from 'next';
import { TrialSheet } from '@/features/trials/trial-page';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.trialOnOneSheet };

export default async function Page({ params }: { readonly params: Promise<{ readonly number: string }> }) {
  return <TrialSheet number={(await params).number} />;
}
