'use client';

import { useEffect, useState } from 'react';
import { faultScreen as wording } from '@/messages/screens/ui';
import { Button } from '@/ui/button';

/** A screen that did not come up: what the shop knows of the reason, and the number to quote. */
export function FaultScreen({ number, again }: { readonly number: string; readonly again: () => void }) {
  const [words, setWords] = useState('');
  useEffect(() => {
    const ask = async (): Promise<void> => {
      const answer = (await (await fetch(`/api/fault?number=${encodeURIComponent(number)}`)).json()) as { words: string | null };
      setWords(answer.words ?? '');
    };
    ask().catch(() => setWords(wording.theShopDoesNot));
  }, [number]);
  return (
    <main className="mx-auto max-w-xl px-5 py-16">
      <h1 className="mb-3">{wording.thisScreenDidNot}</h1>
      <p role="alert" className="mb-2 font-semibold">
        {words}
      </p>
      <p className="mb-4">
        {wording.nothingThatWasRecorded}
        <span className="reading">{number || wording.withoutANumber}</span>
        {wording.inTheShopsLog}
      </p>
      <Button look="main" big onClick={again}>
        {wording.tryAgain}
      </Button>
    </main>
  );
}
