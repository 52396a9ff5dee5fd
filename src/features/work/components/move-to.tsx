'use client';

import { PLACE_HAZARDS, type PlaceHazard } from '@/core/regimen';
import { HAZARD_WORDS } from '@/messages';
import { moveTo as wording } from '@/messages/screens/work';
import { moveTo, newPlace } from '@/trade/hands/actions';
import { SelectBox } from '@/ui/field';
import { FormSheet } from '@/web/form/form-sheet';
import { useSave } from '@/web/use-save';

type Place = { readonly id: number; readonly name: string };

/** A place of the shop's own, as it is asked for; the pieces go there at once. */
const PLACE_FIELDS = [
  { name: 'name', label: wording.whatYouCallIt, hint: wording.byTheStoveIn },
  {
    name: 'light',
    label: wording.light,
    options: [
      { value: 'indoor', name: 'indoors' },
      { value: 'window', name: wording.atAWindow },
      { value: 'sun', name: wording.inTheSun },
      { value: 'dark', name: wording.inTheDark },
    ],
  },
  { name: 'temp', label: wording.usuallyHowWarm, hint: wording.cAReadingThere },
  { name: 'rh', label: wording.howDamp, hint: '45 %' },
  ...(['hazard', 'alsoHazard'] as const).map((name, i) => ({
    name,
    label: i === 0 ? wording.toBeMinded : wording.and,
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
        <span className="text-soft">{wording.standsAt}</span>
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
        opens={wording.anotherPlace}
        look="quiet"
        title={wording.aPlaceOfOur}
        say={wording.itHasItsOwn}
        saves={wording.carryThemThere}
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
