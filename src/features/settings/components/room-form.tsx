'use client';

import { useState } from 'react';
import { parsePositive } from '@/core/quantity';
import type { PlaceKind } from '@/core/regimen';
import { sayIssue } from '@/messages';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { savePlaces } from '../actions';
import { useSave } from '@/web/use-save';

type Row = {
  readonly id: number;
  readonly name: string;
  readonly kind: PlaceKind;
  readonly capacity: number | null;
  readonly unit: string | null;
};

/** What fits where: the plan keeps to it. Empty means that nothing limits a place. */
export function RoomForm({ places }: { readonly places: readonly Row[] }) {
  const [typed, setTyped] = useState<Readonly<Record<number, string>>>(
    Object.fromEntries(places.map((place) => [place.id, place.capacity === null ? '' : String(place.capacity)])),
  );
  const [kept, setKept] = useState(false);
  const { busy, rest, run } = useSave();
  const read = (text: string) => (text.trim() === '' ? null : parsePositive(text));
  const faulty = places.some((place) => read(typed[place.id] ?? '')?.ok === false);
  return (
    <form
      className="flex max-w-xl flex-col gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        setKept(false);
        void run(
          () => savePlaces({ places: places.map(({ id }) => ({ id, capacity: typed[id] ?? '' })) }),
          () => setKept(true),
        );
      }}
    >
      <div className="grid grid-cols-2 gap-x-6">
        {places
          .filter((place) => place.unit !== null)
          .map((place) => {
            const said = read(typed[place.id] ?? '');
            return (
              <TextField
                key={place.id}
                label={place.name}
                value={typed[place.id] ?? ''}
                inputMode="decimal"
                placeholder="no limit"
                hint={
                  place.unit === 'batches'
                    ? 'batches at a time'
                    : place.unit === 'litres'
                      ? 'litres of pieces under'
                      : 'metres of shelf'
                }
                fault={said && !said.ok ? said.issues.map(sayIssue).join(' ') : undefined}
                onChange={(event) => setTyped({ ...typed, [place.id]: event.target.value })}
              />
            );
          })}
      </div>
      <Faults of={rest([])} />
      <div className="flex items-center gap-4">
        <Button type="submit" disabled={busy || faulty}>
          Keep what fits
        </Button>
        <span role="status" className="font-semibold text-fit">
          {kept ? 'Kept.' : ''}
        </span>
      </div>
    </form>
  );
}
