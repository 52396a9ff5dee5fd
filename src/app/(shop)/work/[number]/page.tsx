import type { Metadata } from 'next';
import { RestorationPanel } from '@/features/restore/restore';
import { BatchPage } from '@/features/work/batch-page';
import { pages as wording } from '@/messages/screens/app';

type Props = { readonly params: Promise<{ readonly number: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: wording.batch((await params).number) };
}

export default async function Batch({ params }: Props) {
  return (
    <BatchPage
      number={(await params).number}
      restoration={(job, grits, { currency, zone }) => (
        <RestorationPanel job={job} grits={grits} currency={currency} zone={zone} />
      )}
    />
  );
}
