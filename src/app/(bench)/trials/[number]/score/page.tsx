import type { Metadata } from 'next';
import { ScorePage } from '@/features/trials/score-page';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.scores };

type Props = {
  readonly params: Promise<{ readonly number: string }>;
  readonly searchParams: Promise<{ readonly names?: string }>;
};

export default async function Page({ params, searchParams }: Props) {
  return <ScorePage number={(await params).number} names={(await searchParams).names === '1'} />;
}
