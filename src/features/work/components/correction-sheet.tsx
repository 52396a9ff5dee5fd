'use client';

import { Faults, TextField } from '@/ui/field';
import { freshId } from '@/ui/id';
import type { Opened } from '@/ui/on-open';
import { Tick } from '@/ui/tick';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { correct } from '../actions';
import { CorrectionFields } from '../forms';
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
export function CorrectionSheet({ batchId, entry, open, onOpenChange }: Props & Opened) {
  const form = useForm({
    schema: CorrectionFields,
    start: { at: entry.at, grams: '', seen: entry.seen, sure: false },
    save: async (said) => correct({ clientId: freshId(), batchId, ...(await stamp()), corrects: entry.clientId, ...said }),
    done: () => onOpenChange(false),
    keptAs: `correction ${entry.clientId}`,
  });
  return (
    <SheetForm
      form={form}
      title={`Correct “${entry.done}”`}
      open={open}
      onOpenChange={onOpenChange}
      saves="Write the correction"
      say="What stood stays in the book, struck through."
    >
      <TextField label="Done at" type="datetime-local" {...form.field('at')} />
      {entry.grams ? (
        <TextField label="Used" placeholder={entry.grams} hint="empty: as it stood" {...form.field('grams')} />
      ) : null}
      <TextField label="Seen" {...form.field('seen')} />
      {form.fault('sure') || form.values.sure ? (
        <>
          <Faults of={form.fault('sure') ? [form.fault('sure') ?? ''] : []} />
          <Tick checked={form.values.sure} onChange={() => form.set('sure', !form.values.sure)}>
            It was so
          </Tick>
        </>
      ) : null}
    </SheetForm>
  );
}
