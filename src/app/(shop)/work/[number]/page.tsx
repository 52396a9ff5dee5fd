import type { Metadata } from 'next';
import { RestorationPanel } from '@/features/restore/restore';
import { BatchPage } from '@/features/work/batch-page';

type Props = { readonly params: Promise<{ readonly number: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: `Batch ${(await params).number}` };
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
