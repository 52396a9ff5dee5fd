'use client';

import { Button } from '@/ui/button';

export default function ErrorPage({ reset }: { readonly error: Error; readonly reset: () => void }) {
  return (
    <main className="mx-auto max-w-xl px-5 py-16">
      <h1 className="mb-3">This screen did not come up</h1>
      <p className="mb-4">
        Nothing that was recorded is lost. Try again; if it stays so, look at what the shop’s server wrote in its window.
      </p>
      <Button look="main" big onClick={reset}>
        Try again
      </Button>
    </main>
  );
}
