'use client';

import { FaultScreen } from '@/ui/fault-screen';

type Props = {
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
};

export default function ErrorPage({ error, reset }: Props) {
  return <FaultScreen number={error.digest ?? ''} again={reset} />;
}
