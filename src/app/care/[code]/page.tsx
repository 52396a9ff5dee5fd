import type { Metadata } from 'next';
import { OwnerPage } from '@/features/care/owner-page';

export const metadata: Metadata = { title: 'How to care for it', robots: { index: false } };

type Props = { readonly params: Promise<{ readonly code: string }>; readonly searchParams: Promise<{ readonly told?: string }> };

export default async function Owner({ params, searchParams }: Props) {
  return <OwnerPage code={(await params).code} told={(await searchParams).told ?? null} />;
}
