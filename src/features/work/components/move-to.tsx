'use client';

import { useSave } from '@/web/use-save';
import { moveTo } from '@/web/hands/actions';
import { SelectBox } from '@/ui/field';

type Place = { readonly id: number; readonly name: string };

type Props = {
  readonly batchId: number;
  readonly places: readonly Place[];
  readonly at: number | null;
};

/** Where the pieces stand; another place is another climate. */
export function MoveTo({ batchId, places, at }: Props) {
  const { busy, run } = useSave();
  return (
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
  );
}
