'use client';

import { say } from '@/core/quantity';
import { TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { saveCount } from '../actions';
import { CountFields } from '../forms';

type Props = { readonly lotId: number; readonly number: string; readonly leftG: number };

/** Puts what the ledger says is left right by weighing. */
export function CountSheet({ lotId, number, leftG, open, onOpenChange }: Props & Opened) {
  const form = useForm({
    schema: CountFields,
    start: { found: '' },
    save: ({ found }) => saveCount({ lotId, found }),
    done: () => onOpenChange(false),
    keptAs: `count ${lotId}`,
  });
  return (
    <SheetForm
      form={form}
      title={`Weigh ${number} again`}
      open={open}
      onOpenChange={onOpenChange}
      saves="Weighed"
      say={`The ledger says ${say(leftG, 'g')}. What the scale says now is entered as a count; nothing before it is changed.`}
    >
      <TextField label="Left, without its container" {...form.field('found')} />
    </SheetForm>
  );
}
