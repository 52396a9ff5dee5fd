import type { Metadata } from 'next';
import { Bench } from '@/features/blends/blends';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.aNewFormula };

export default function NewFormulaPage() {
  return <Bench id={null} />;
}
