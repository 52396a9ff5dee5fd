'use client';

import { useState } from 'react';
import { formatMass } from '@/core/quantity';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults, TextField } from '@/ui/field';
import { useSave } from '@/web/use-save';
import { saveCount } from '../actions';

/** What the ledger says is left, and a way to put it right by weighing. */
export function CountLot({ lotId, number, leftG }: { readonly lotId: number; readonly number: string; readonly leftG: number }) {
  const [open, setOpen] = useState(false);
  const [found, setFound] = useState('');
  const { busy, faults, rest, run } = useSave();
  return (
    <>
      <button
        type="button"
        className="reading min-h-11 min-w-20 text-right font-semibold underline decoration-dotted underline-offset-4"
        aria-label={`${formatMass(leftG)} left of ${number}: weigh again`}
        onClick={() => setOpen(true)}
      >
        {formatMass(leftG)}
      </button>
      <Sheet
        title={`Weigh ${number} again`}
        open={open}
        onOpenChange={setOpen}
        say={`The ledger says ${formatMass(leftG)}. What the scale says now is entered as a count; nothing before it is changed.`}
      >
        <form
          className="flex flex-col gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void run(
              () => saveCount({ lotId, found }),
              () => setOpen(false),
            );
          }}
        >
          <TextField
            label="Left, without its container"
            value={found}
            onChange={(event) => setFound(event.target.value)}
            fault={faults.found}
            required
          />
          <Faults of={rest(['found'])} />
          <Button look="main" big type="submit" disabled={busy}>
            Weighed
          </Button>
        </form>
      </Sheet>
    </>
  );
}
