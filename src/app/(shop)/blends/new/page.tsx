import type { Metadata } from 'next';
import { Bench } from '@/features/blends/blends';

export const metadata: Metadata = { title: 'A new formula' };

export default function NewFormulaPage() {
  return <Bench id={null} />;
}
