'use client';

import { PLACE_HAZARDS, type PlaceHazard } from '@/core/regimen';
import { HAZARD_WORDS } from '@/messages';
import { moveTo, newPlace } from '@/trade/hands/actions';
import { SelectBox } from '@/ui/field';
import { FormSheet } from '@/web/form/form-sheet';
import { useSave } from '@/web/use-save';

type Place = { readonly id: number; readonly name: string };

/** A place of the shop's own, as it is asked for; the pieces go there at once. */
const PLACE_FIELDS = [
  { name: 'name', label: 'What you call it', hint: 'by the stove, in the sun' },
  {
    name: 'light',
    label: 'Light',
    options: [
      { value: 'indoor', name: 'indoors' },
      { value: 'window', name: 'at a window' },
      { value: 'sun', name: 'in the sun' },
      { value: 'dark', name: 'in the dark' },
    ],
  },
  { name: 'temp', label: 'Usually how warm', hint: '24 °C; a reading there counts for more' },
  { name: 'rh', label: 'How damp', hint: '45 %' },
  ...(['hazard', 'alsoHazard'] as const).map((name, i) => ({
    name,
    label: i === 0 ? 'To be minded' : 'And',
    options: [{ value: '', name: 'nothing' }, ...PLACE_HAZARDS.map((one) => ({ value: one, name: HAZARD_WORDS[one].name }))],
  })),
];

type Props = {
  readonly batchId: number;
  readonly places: readonly Place[];
  readonly at: number | null;
  /** What must be minded where they stand. */
  readonly hazards: readonly PlaceHazard[];
};

/** Where the pieces stand; another place is another climate. */
export function MoveTo({ batchId, places, at, hazards }: Props) {
  const { busy, run } = useSave();
  return (
    <div className="flex flex-wrap items-center gap-x-4">
      <label className="flex items-center gap-2">
        <span className="text-soft">Stands at</span>
        <SelectBox
          className="font-semibold"
          disabled={busy}
          value={at ?? 0}
          onChange={(event) => void run(() => moveTo({ batchId, placeId: Number(event.target.value) }))}
        >
          {places.map((place) => (
            <option key={place.id} value={place.id}>
              {place.name}
            </option>
          ))}
        </SelectBox>
      </label>
      <FormSheet
        opens="Another place"
        look="quiet"
        title="A place of our own"
        say="It has its own air and its own dangers. The pieces are carried there; it stands in the list henceforth."
        saves="Carry them there"
        fields={PLACE_FIELDS}
        save={(typed) => newPlace({ ...typed, batchId })}
      />
      {hazards.map((one) => (
        <span key={one} className="w-full border-cure border-l-4 pl-3">
          ▲ {HAZARD_WORDS[one].says}
        </span>
      ))}
    </div>
  );
}
