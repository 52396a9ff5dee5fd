'use client';

import { useEffect, useState } from 'react';
import { Button } from '@/ui/button';

/** A screen that did not come up: what the shop knows of the reason, and the number to quote. */
export function FaultScreen({ number, again }: { readonly number: string; readonly again: () => void }) {
  const [words, setWords] = useState('');
  useEffect(() => {
    const ask = async (): Promise<void> => {
      const answer = (await (await fetch(`/api/fault?number=${encodeURIComponent(number)}`)).json()) as { words: string | null };
      setWords(answer.words ?? '');
    };
    ask().catch(() => setWords('The shop does not answer. Is its server running?'));
  }, [number]);
  return (
    <main className="mx-auto max-w-xl px-5 py-16">
      <h1 className="mb-3">This screen did not come up</h1>
      <p role="alert" className="mb-2 font-semibold">
        {words}
      </p>
      <p className="mb-4">
        Nothing that was recorded is lost. Try again; if it stays so, look for fault{' '}
        <span className="reading">{number || 'without a number'}</span> in the shop’s log.
      </p>
      <Button look="main" big onClick={again}>
        Try again
      </Button>
    </main>
  );
}
