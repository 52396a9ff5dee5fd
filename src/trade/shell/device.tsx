'use client';

import { device as wording } from '@/messages/screens/trade';
import { Link } from '@/ui/link';
import { Toggle } from '@/ui/toggle';
import { AlarmSwitch } from '../hands/alarm-switch';
import { choosePerson, dim } from './actions';

export type DevicePerson = { readonly id: number; readonly initials: string; readonly name: string };

/** Who is at this device, changed in one touch. */
export function WhoIsHere({ people, person }: { readonly people: readonly DevicePerson[]; readonly person: number | null }) {
  return (
    <fieldset>
      <legend className="label max-bench:sr-only">{person ? wording.atThisDevice : wording.whoIsHere}</legend>
      <div className="flex gap-1 bench:flex-wrap">
        {people.map((one) => (
          <Toggle
            key={one.id}
            on={one.id === person}
            aria-label={one.name}
            onTurn={() => void choosePerson(one.id)}
            className={`min-h-11 min-w-11 grow border-2 border-ink px-1 text-sm font-semibold ${one.id === person ? 'bg-ink text-bench' : person ? 'hover:bg-hair' : 'bg-glow'}`}
          >
            {one.initials}
          </Toggle>
        ))}
      </div>
    </fieldset>
  );
}

/** Daylight or the dim scheme for the evening. */
export function DimSwitch({ isDim }: { readonly isDim: boolean }) {
  return (
    <button type="button" className="min-h-11 text-left text-sm underline underline-offset-4" onClick={() => void dim(!isDim)}>
      {isDim ? wording.daylight : wording.dim}
    </button>
  );
}

type NarrowBarProps = {
  readonly shop: string;
  readonly people: readonly DevicePerson[];
  readonly person: number | null;
  readonly isDim: boolean;
};

/** What the rail holds at its foot, across the top where the rail lies along the bottom. */
export function NarrowBar({ shop, people, person, isDim }: NarrowBarProps) {
  return (
    <div className="no-print flex items-center justify-between gap-4 border-rule border-b px-4 py-1 bench:hidden">
      <Link href="/shop" className="min-w-0 truncate font-semibold leading-11">
        {shop}
      </Link>
      <div className="flex shrink-0 items-center gap-3">
        <AlarmSwitch />
        <DimSwitch isDim={isDim} />
        <WhoIsHere people={people} person={person} />
      </div>
    </div>
  );
}
