'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults, TextField } from '@/ui/field';
import { freshId } from '@/ui/id';
import { Tick } from '@/ui/tick';
import { useSave } from '@/web/use-save';
import { correct } from '../actions';
import { stamp } from '@/web/outbox-store';

type Props = {
  readonly batchId: number;
  readonly entry: {
    readonly clientId: string;
    readonly done: string;
    readonly at: string;
    readonly grams: string | null;
    readonly seen: string;
  };
};

/** Puts an entry of the coat book right: the first stays readable, struck through. */
export function CorrectEntry({ batchId, entry }: Props) {
  const [open, setOpen] = useState(false);
  const [at, setAt] = useState(entry.at);
  const [grams, setGrams] = useState('');
  const [seen, setSeen] = useState(entry.seen);
  const [sure, setSure] = useState(false);
  const { busy, faults, rest, run } = useSave();
  return (
    <>
      <button
        type="button"
        className="min-h-11 px-2 text-sm text-soft underline underline-offset-4"
        aria-label={`Correct ${entry.done}`}
        onClick={() => setOpen(true)}
      >
        Correct
      </button>
      <Sheet
        title={`Correct “${entry.done}”`}
        open={open}
        onOpenChange={setOpen}
        say="What stood stays in the book, struck through."
      >
        <form
          className="flex flex-col gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            void run(
              async () =>
                correct({ clientId: freshId(), batchId, ...(await stamp()), corrects: entry.clientId, at, grams, seen, sure }),
              () => setOpen(false),
            );
          }}
        >
          <TextField
            label="Done at"
            type="datetime-local"
            value={at}
            onChange={(event) => setAt(event.target.value)}
            fault={faults.at}
          />
          {entry.grams ? (
            <TextField
              label="Used"
              value={grams}
              onChange={(event) => setGrams(event.target.value)}
              placeholder={entry.grams}
              hint="empty: as it stood"
              fault={faults.grams}
            />
          ) : null}
          <TextField label="Seen" value={seen} onChange={(event) => setSeen(event.target.value)} />
          <Faults of={rest(['at', 'grams'])} />
          {faults.sure ? (
            <Tick checked={sure} onChange={() => setSure(!sure)}>
              It was so
            </Tick>
          ) : null}
          <Button look="main" big type="submit" disabled={busy}>
            Write the correction
          </Button>
        </form>
      </Sheet>
    </>
  );
}
