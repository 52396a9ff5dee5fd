'use client';

import { useState } from 'react';
import { CHECK_KINDS, type CheckKind } from '@/core/cure';
import { CHECK_WORDS } from '@/messages';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { freshId } from '@/ui/id';
import { useSave } from '@/web/use-save';
import { saveCheck } from '../actions';

/** The four checks, each with its two outcomes; one touch records it. */
export function CheckForm({
  batchId,
  settles,
  opens,
}: {
  readonly batchId: number;
  readonly settles: boolean;
  /** The checks that can open its release. */
  readonly opens: readonly CheckKind[];
}) {
  const [note, setNote] = useState('');
  const { busy, rest, run } = useSave();
  return (
    <section>
      <h2 className="mb-1">Check it now</h2>
      {settles ? <p className="text-soft">Lay it in the warm for an hour first: what weeps comes out then.</p> : null}
      <TextField
        label="Seen, before you choose (may stay empty)"
        value={note}
        onChange={(event) => setNote(event.target.value)}
      />
      <ul>
        {CHECK_KINDS.map((kind) => {
          const { name, how, pass, fail } = CHECK_WORDS[kind];
          const say = (passed: boolean): void =>
            void run(
              () => saveCheck({ clientId: freshId(), batchId, kind, pass: passed, note }),
              () => setNote(''),
            );
          return (
            <li key={kind} className="grid grid-cols-[minmax(0,1fr)_auto_auto] items-center gap-2 border-hair border-t py-1.5">
              <span>
                <strong>{name}</strong>
                {opens.includes(kind) ? <span className="text-sm"> opens the release</span> : null}{' '}
                <span className="block text-sm text-soft">{how}</span>
              </span>
              <Button disabled={busy} aria-label={`${name}: ${pass}`} onClick={() => say(true)}>
                {pass}
              </Button>
              <Button disabled={busy} aria-label={`${name}: ${fail}`} onClick={() => say(false)}>
                {fail}
              </Button>
            </li>
          );
        })}
      </ul>
      <Faults of={rest([])} />
    </section>
  );
}
