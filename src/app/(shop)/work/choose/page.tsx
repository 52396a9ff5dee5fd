import { Choose } from '@/features/start/choose';

export const metadata = { title: 'Choose a finish' };

type Props = {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
};

export default async function Page({ searchParams }: Props) {
  return <Choose asked={await searchParams} />;
}
