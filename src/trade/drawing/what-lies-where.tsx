import type { PieceUse } from '@/core/material';
import { type Geometry, surfacesOf } from '@/core/piece';
import type { RegimenStep, Slot } from '@/core/regimen';
import { isBySurface, surfacesMeeting, whereSlotLies } from '@/core/use';
import { SURFACE_WORDS } from '@/messages';
import { whatLiesWhere as wording } from '@/messages/screens/trade';
import { PiecePicture } from './piece-picture';

type Props = {
  readonly geometry: Geometry;
  readonly name: string;
  readonly speciesId?: string | undefined;
  readonly steps: readonly RegimenStep[];
  readonly slots: readonly Pick<Slot, 'slot' | 'name'>[];
  readonly uses: readonly PieceUse[];
};

/** The piece with its surfaces numbered, and what lies on each; nothing where everything lies everywhere. */
export function WhatLiesWhere({ geometry, name, speciesId, steps, slots, uses }: Props) {
  if (!isBySurface(steps)) return null;
  const all = surfacesOf(geometry);
  const meeting = surfacesMeeting(geometry, uses);
  const on = slots.map((slot) => ({ slot, surfaces: whereSlotLies(geometry, steps, slot.slot) }));
  return (
    <section aria-label={wording.whatLiesWhere} className="mt-4">
      <h2 className="mb-1">{wording.whatLiesWhere}</h2>
      <div className="grid gap-4 bench:grid-cols-2">
        <PiecePicture geometry={geometry} name={name} speciesId={speciesId} seen={{}} />
        <ol>
          {all.map((surface, i) => {
            const names = on.filter((one) => one.surfaces.includes(surface)).map((one) => one.slot.name.toLowerCase());
            return (
              <li key={surface} className="flex gap-3 border-hair border-t py-1.5">
                <span className="reading w-5 font-semibold">{i + 1}</span>
                <span className="grow">
                  <span className="inline-block first-letter:uppercase">{SURFACE_WORDS[surface]}</span>
                  {meeting.includes(surface) ? '' : <span className="text-soft">{wording.handsOnly}</span>}
                </span>
                <span className={names.length > 0 ? 'font-semibold' : 'text-soft'}>
                  {names.join(wording.thenWord) || wording.leftBare}
                </span>
              </li>
            );
          })}
        </ol>
      </div>
    </section>
  );
}
