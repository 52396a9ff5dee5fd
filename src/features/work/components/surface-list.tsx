'use client';

import { type Fault, faultsFor } from '@/core/batch';
import type { Geometry, Surface } from '@/core/piece';
import { FAULT_WORDS } from '@/messages';
import { surfaceList as wording } from '@/messages/screens/work';
import { TouchSurfaces } from '@/trade/drawing/touch-surfaces';
import type { SeenFault } from '@/trade/hands/seen';

/** What was seen of each surface: fine, or a fault; nothing where it was not looked at. */
export type SeenOn = Readonly<Partial<Record<Surface, Fault | 'fine'>>>;

/** Where on the drawing something is amiss, by surface. */
export type Spots = Readonly<Partial<Record<Surface, readonly [number, number]>>>;

/** What was seen amiss, with its place, and the piece it was on where it is not all of them. */
export const faultsIn = (seen: SeenOn, spots: Spots = {}, piece = ''): SeenFault[] =>
  Object.entries(seen).flatMap(([on, fault]): SeenFault[] => {
    const surface = on as Surface;
    const at = spots[surface];
    if (!fault || fault === 'fine') return [];
    return [{ surface, fault, ...(at ? { at: [at[0], at[1]] } : {}), ...(piece === '' ? {} : { piece }) }];
  });

type Props = {
  readonly geometry: Geometry;
  readonly name: string;
  readonly speciesId?: string | undefined;
  readonly seen: SeenOn;
  readonly spots: Spots;
  /** Whether anything on it dries, and whether a coat is on or going on. */
  readonly dries: boolean;
  readonly coated: boolean;
  readonly onChange: (seen: SeenOn) => void;
  readonly onSpot: (spots: Spots) => void;
};

/** The piece with its surfaces numbered, each looked at in the order it is coated. */
export function SurfaceList({ seen, spots, dries, coated, onChange, onSpot, ...piece }: Props) {
  return (
    <TouchSurfaces<Fault | 'fine'>
      {...piece}
      said={seen}
      unsaid={wording.notLookedAt}
      choices={[
        { id: 'fine', name: 'fine', isFine: true },
        ...faultsFor(dries, coated).map((fault) => ({ id: fault, name: FAULT_WORDS[fault].name })),
      ]}
      onSay={(surface, what) => {
        const { [surface]: _, ...rest } = seen;
        onChange(what === null ? rest : { ...rest, [surface]: what });
      }}
      spots={spots}
      onSpot={(surface, at) => onSpot({ ...spots, [surface]: at })}
    />
  );
}
