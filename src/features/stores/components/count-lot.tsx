'use client';

import { useState } from 'react';
import { say } from '@/core/quantity';
import { TextField } from '@/ui/field';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { saveCount } from '../actions';
import { CountFields } from '../forms';

/** What the ledger says is left, and a way to put it right by weighing. */
export function CountLot({ lotId, number, leftG }: { readonly lotId: number; readonly number: string; readonly leftG: number }) {
  const [open, setOpen] = useState(false);
  const form = useForm({
    schema: CountFields,
    start: { found: '' },
    save: ({ found }) => saveCount({ lotId, found }),
    done: () => setOpen(false),
    keptAs: `count ${lotId}`,
  });
  return (
    <>
      <button
        type="button"
        className="reading min-h-11 min-w-20 text-right font-semibold underline decoration-dotted underline-offset-4"
        aria-label={`${say(leftG, 'g')} left of ${number}: weigh again`}
        onClick={() => setOpen(true)}
      >
        {say(leftG, 'g')}
      </button>
      <SheetForm
        form={form}
        title={`Weigh ${number} again`}
        open={open}
        onOpenChange={setOpen}
        saves="Weighed"
        say={`The ledger says ${say(leftG, 'g')}. What the scale says now is entered as a count; nothing before it is changed.`}
      >
        <TextField label="Left, without its container" {...form.field('found')} />
      </SheetForm>
    </>
  );
}
