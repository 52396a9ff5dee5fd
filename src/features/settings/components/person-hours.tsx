'use client';

import { useState } from 'react';
import type { Opening } from '@/core/plan';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults, TextField } from '@/ui/field';
import { saveHands } from '../actions';
import { useSave } from '@/web/use-save';
import { HoursFields, hoursText, readHours } from './hours-fields';

type Props = {
  readonly person: { readonly id: number; readonly initials: string; readonly name: string };
  readonly own: readonly Opening[];
  readonly shop: readonly Opening[];
  readonly away: readonly string[];
};

/** One pair of hands: when they are here. The plan gives them work in these hours only. */
export function PersonHours({ person, own, shop, away }: Props) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState(hoursText(own.length > 0 ? own : shop));
  const [days, setDays] = useState(away.join(', '));
  const { busy, faults, rest, run } = useSave();
  const read = readHours(text);
  const save = (hours: readonly Opening[]): void =>
    void run(
      () => saveHands({ personId: person.id, hours, away: days.split(/[,\s]+/).filter(Boolean) }),
      () => setOpen(false),
    );
  return (
    <li className="flex flex-wrap items-center gap-x-4 border-hair border-t">
      <span className="reading w-10 font-semibold">{person.initials}</span>
      <span className="grow">
        {person.name}
        <span className="text-soft">
          {own.length > 0 ? ', own hours' : ', the shop’s hours'}
          {away.length > 0 ? `, away ${away.length === 1 ? away[0] : `${away.length} days`}` : ''}
        </span>
      </span>
      <Button look="quiet" onClick={() => setOpen(true)}>
        Hours of {person.initials}
      </Button>
      <Sheet title={`When ${person.name} is here`} open={open} onOpenChange={setOpen}>
        <form
          className="flex flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (read.bad.length === 0) save(read.hours);
          }}
        >
          <HoursFields value={text} onChange={setText} />
          <TextField
            label="Days away"
            value={days}
            onChange={(event) => setDays(event.target.value)}
            hint="2031-12-24, 2031-12-25"
            fault={Object.entries(faults).find(([path]) => path.startsWith('away'))?.[1]}
          />
          <Faults of={rest(Object.keys(faults).filter((path) => path.startsWith('away')))} />
          <div className="flex gap-3">
            <Button look="main" big type="submit" disabled={busy}>
              Keep
            </Button>
            <Button big disabled={busy} onClick={() => save([])}>
              The shop’s hours
            </Button>
          </div>
        </form>
      </Sheet>
    </li>
  );
}
