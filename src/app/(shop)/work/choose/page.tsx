import { Choose } from '@/features/start/choose';
import { pages as wording } from '@/messages/screens/app';

export const metadata = { title: wording.chooseAFinish };

type Props = {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
};

export default async function Page({ searchParams }: Props) {
  return <Choose asked={await searchParams} />;
}
