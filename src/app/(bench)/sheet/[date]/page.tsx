import type { Metadata } from 'next';
import { DaySheet } from '@/features/today/day-sheet';

export const metadata: Metadata = { title: 'Sheet for the wall' };

export default async function Sheet({ params }: { readonly params: Promise<{ readonly date: string }> }) {
  return <DaySheet date={(await params).date} />;
}
