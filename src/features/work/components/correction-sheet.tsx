'use client';

import { shared } from '@/messages/screens/shared';
import { correctionSheet as wording } from '@/messages/screens/work';
import { undo } from '@/trade/hands/actions';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { freshId } from '@/ui/id';
import { MomentField } from '@/ui/moment-field';
import type { Opened } from '@/ui/on-open';
import { Tick } from '@/ui/tick';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { stamp } from '@/web/outbox-store';
import { useSave } from '@/web/use-save';
import { correctRecord } from '../actions';
import { CorrectionFields } from '../forms';

type Props = {
  readonly batchId: number;
  readonly entry: {
    readonly clientId: string;
    readonly done: string;
    /** Nothing was done since: it may be struck. */
    readonly isLast: boolean;
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
    save: async (said) => correctRecord({ clientId: freshId(), batchId, ...(await stamp()), corrects: entry.clientId, ...said }),
    done: () => onOpenChange(false),
    keptAs: `correction ${entry.clientId}`,
  });
  const strike = useSave<unknown>();
  const strikeIt = async () => undo({ clientId: freshId(), batchId, ...(await stamp()), entry: entry.clientId });
  return (
    <SheetForm
      form={form}
      title={wording.correct(entry.done)}
      open={open}
      onOpenChange={onOpenChange}
      saves={wording.writeTheCorrection}
      say={wording.whatStoodStaysIn}
      beside={
        entry.isLast ? (
          <Button big disabled={strike.busy} onClick={() => void strike.run(strikeIt, () => onOpenChange(false))}>
            {wording.itDidNotHappen}
          </Button>
        ) : null
      }
    >
      <MomentField label={wording.doneAt} lean="back" {...form.field('at')} />
      {entry.grams ? (
        <TextField label={shared.used} placeholder={entry.grams} hint={wording.emptyAsItStood} {...form.field('grams')} />
      ) : null}
      <TextField label={wording.seen} {...form.field('seen')} />
      <Faults of={strike.rest([])} />
      {form.fault('sure') || form.values.sure ? (
        <>
          <Faults of={form.fault('sure') ? [form.fault('sure') ?? ''] : []} />
          <Tick checked={form.values.sure} onChange={() => form.set('sure', !form.values.sure)}>
            {wording.itWasSo}
          </Tick>
        </>
      ) : null}
    </SheetForm>
  );
}
