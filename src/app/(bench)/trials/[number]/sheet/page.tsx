import type { Metadata } from 'next';
import { TrialSheet } from '@/features/trials/trial-page';

export const metadata: Metadata = { title: 'Trial on one sheet' };

export default async function Page({ params }: { readonly params: Promise<{ readonly number: string }> }) {
  return <TrialSheet number={(await params).number} />;
}
