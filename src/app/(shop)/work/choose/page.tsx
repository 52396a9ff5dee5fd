import { Choose } from '@/features/start/choose';

export const metadata = { title: 'Choose a finish' };

export default async function Page({
  searchParams,
}: {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  return <Choose asked={await searchParams} />;
}
