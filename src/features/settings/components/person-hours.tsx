'use client';

import { useState } from 'react';
import { hoursText, type Opening } from '@/core/plan';
import { personHours as wording } from '@/messages/screens/settings';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { useYear } from '@/ui/zone';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { useSave } from '@/web/use-save';
import { saveHands } from '../actions';
import { HandsFields } from '../forms';
import { HoursFields } from './hours-fields';

type Props = {
  readonly person: { readonly id: number; readonly initials: string; readonly name: string };
  readonly own: readonly Opening[];
  readonly shop: readonly Opening[];
  readonly away: readonly string[];
};

/** One pair of hands: when they are here. The plan gives them work in these hours only. */
export function PersonHours({ person, own, shop, away }: Props) {
  const year = useYear();
  const [open, setOpen] = useState(false);
  const form = useForm({
    schema: HandsFields,
    start: { hours: hoursText(own.length > 0 ? own : shop), away: away.join(', ') },
    save: (hands) => saveHands({ personId: person.id, ...hands }),
    done: () => setOpen(false),
    keptAs: `hands ${person.id}`,
    stays: true,
  });
  const whole = useSave();
  return (
    <li className="flex flex-wrap items-center gap-x-4 border-hair border-t">
      <span className="reading w-10 font-semibold">{person.initials}</span>
      <span className="grow">
        {person.name}
        <span className="text-soft">
          {own.length > 0 ? wording.ownHours : wording.theShopsHours}
          {away.length > 0 ? wording.away(away.length === 1 ? away[0] : wording.days(away.length)) : ''}
        </span>
      </span>
      <Button look="quiet" onClick={() => setOpen(true)}>
        {wording.hoursOf(person.initials)}
      </Button>
      <SheetForm
        form={form}
        title={wording.whenIsHere(person.name)}
        open={open}
        onOpenChange={setOpen}
        saves="Keep"
        beside={
          <Button
            big
            disabled={whole.busy}
            onClick={() =>
              void whole.run(
                () => saveHands({ personId: person.id, hours: hoursText([]), away: form.values.away }),
                () => setOpen(false),
              )
            }
          >
            {wording.theShopsHours2}
          </Button>
        }
      >
        <HoursFields value={form.values.hours} onChange={(hours) => form.set('hours', [...hours])} />
        <TextField label={wording.daysAway} hint={`${year}-12-24, ${year}-12-25`} {...form.field('away')} />
        <Faults of={whole.rest([])} />
      </SheetForm>
    </li>
  );
}
