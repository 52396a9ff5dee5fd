'use client';

import { useState } from 'react';
import type { RoomUnit } from '@/core/piece';
import type { PlaceKind } from '@/core/regimen';
import { roomForm as wording } from '@/messages/screens/settings';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { Form } from '@/ui/form';
import { useForm } from '@/web/form/use-form';
import { savePlaces } from '../actions';
import { RoomFields } from '../forms';

type Row = {
  readonly id: number;
  readonly name: string;
  readonly kind: PlaceKind;
  readonly capacity: number | null;
  readonly unit: RoomUnit | null;
};

const UNIT_WORDS: Readonly<Record<RoomUnit, string>> = {
  batches: wording.batchesAtATime,
  litres: wording.litresOfPiecesUnder,
  metres: wording.metresOfShelf,
};

/** What fits where: the plan keeps to it. Empty means that nothing limits a place. */
export function RoomForm({ places }: { readonly places: readonly Row[] }) {
  const [kept, setKept] = useState(false);
  const form = useForm({
    schema: RoomFields,
    start: { places: places.map(({ id, capacity }) => ({ id, capacity: capacity === null ? '' : String(capacity) })) },
    save: savePlaces,
    done: () => setKept(true),
    keptAs: 'rooms',
    stays: true,
  });
  return (
    <Form
      className="flex max-w-xl flex-col gap-1"
      onSubmit={() => {
        setKept(false);
        form.submit();
      }}
    >
      <div className="grid grid-cols-2 gap-x-6">
        {places.map((place, i) =>
          place.unit === null ? null : (
            <TextField
              key={place.id}
              label={place.name}
              inputMode="decimal"
              placeholder={wording.noLimit}
              hint={UNIT_WORDS[place.unit]}
              {...form.field(`places.${i}.capacity`)}
            />
          ),
        )}
      </div>
      <Faults of={form.faults} />
      <div className="flex items-center gap-4">
        <Button type="submit" disabled={form.busy}>
          {wording.keepWhatFits}
        </Button>
        <span role="status" className="font-semibold text-fit">
          {kept ? wording.kept : ''}
        </span>
      </div>
    </Form>
  );
}
