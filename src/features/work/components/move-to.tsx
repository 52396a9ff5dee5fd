'use client';

import { useSave } from '@/web/use-save';
import { moveTo } from '@/web/hands/actions';

type Place = { readonly id: number; readonly name: string };

/** Where the pieces stand; another place is another climate. */
export function MoveTo({
  batchId,
  places,
  at,
}: {
  readonly batchId: number;
  readonly places: readonly Place[];
  readonly at: number | null;
}) {
  const { busy, run } = useSave();
  return (
    <label className="flex items-center gap-2">
      <span className="text-soft">Stands at</span>
      <select
        className="min-h-11 border-ink border-b-2 bg-paper px-2 font-semibold"
        disabled={busy}
        value={at ?? 0}
        onChange={(event) => void run(() => moveTo({ batchId, placeId: Number(event.target.value) }))}
      >
        {places.map((place) => (
          <option key={place.id} value={place.id}>
            {place.name}
          </option>
        ))}
      </select>
    </label>
  );
}
