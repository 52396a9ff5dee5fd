'use client';

import { WENT } from '@/core/blend';
import { say } from '@/core/quantity';
import { WENT_WORDS } from '@/messages';
import { countSheet as wording } from '@/messages/screens/stores';
import { SelectField, TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { reads } from '@/web/here';
import { saveCount } from '../actions';
import { CountFields } from '../forms';

type Props = { readonly lotId: number; readonly number: string; readonly leftG: number; readonly mayDryOut: boolean };

/** Puts what the ledger says is left right by weighing. */
export function CountSheet({ lotId, number, leftG, mayDryOut, open, onOpenChange }: Props & Opened) {
  const form = useForm({
    schema: CountFields,
    start: { found: '', went: '' },
    save: (typed) => saveCount({ lotId, ...typed }),
    done: () => onOpenChange(false),
    keptAs: `count ${lotId}`,
  });
  return (
    <SheetForm
      form={form}
      title={wording.weighAgain(number)}
      open={open}
      onOpenChange={onOpenChange}
      saves="Weighed"
      say={wording.theLedgerSaysWhat(say(leftG, 'g', reads()))}
    >
      <TextField label={wording.leftWithoutItsContainer} {...form.field('found')} />
      {mayDryOut ? (
        <SelectField label={wording.whereItIsLess} {...form.field('went')}>
          {WENT.map((one) => (
            <option key={one} value={one}>
              {WENT_WORDS[one]}
            </option>
          ))}
        </SelectField>
      ) : null}
    </SheetForm>
  );
}
