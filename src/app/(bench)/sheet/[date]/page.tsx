import type { Metadata } from 'next';
import { DaySheet } from '@/features/today/day-sheet';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.sheetForTheWall };

export default async function Sheet({ params }: { readonly params: Promise<{ readonly date: string }> }) {
  return <DaySheet date={(await params).date} />;
}
