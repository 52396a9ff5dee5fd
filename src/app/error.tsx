'use client';

import { FaultScreen } from '@/ui/fault-screen';

export default function ErrorPage({
  error,
  reset,
}: {
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}) {
  return <FaultScreen number={error.digest ?? ''} again={reset} />;
}
