'use client';

import type { Geometry, Surface } from '@/core/piece';
import { type Fault, faultsFor } from '@/core/regimen';
import { FAULT_WORDS } from '@/messages';
import { TouchSurfaces } from '@/web/drawing/touch-surfaces';

/** What was seen of each surface: fine, or a fault; nothing where it was not looked at. */
export type SeenOn = Readonly<Partial<Record<Surface, Fault | 'fine'>>>;

export const faultsIn = (seen: SeenOn): { readonly fault: Fault; readonly surface: Surface }[] =>
  Object.entries(seen).flatMap(([surface, fault]) => (fault && fault !== 'fine' ? [{ surface: surface as Surface, fault }] : []));

type Props = {
  readonly geometry: Geometry;
  readonly name: string;
  readonly speciesId?: string | undefined;
  readonly seen: SeenOn;
  /** Whether anything on it dries. */
  readonly dries: boolean;
  readonly onChange: (seen: SeenOn) => void;
};

/** The piece with its surfaces numbered, each looked at in the order it is coated. */
export function SurfaceList({ seen, dries, onChange, ...piece }: Props) {
  return (
    <TouchSurfaces<Fault | 'fine'>
      {...piece}
      said={seen}
      unsaid="not looked at"
      choices={[
        { id: 'fine', name: 'fine', isFine: true },
        ...faultsFor(dries).map((fault) => ({ id: fault, name: FAULT_WORDS[fault].name })),
      ]}
      onSay={(surface, what) => {
        const { [surface]: _, ...rest } = seen;
        onChange(what === null ? rest : { ...rest, [surface]: what });
      }}
    />
  );
}
