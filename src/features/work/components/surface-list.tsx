'use client';

import { type Geometry, type Surface, surfacesOf } from '@/core/piece';
import { type Fault, faultsFor } from '@/core/regimen';
import { FAULT_WORDS, SURFACE_WORDS } from '@/messages';
import { PiecePicture } from '@/web/drawing/piece-picture';
import { SelectBox } from '@/ui/field';

/** What was seen of each surface: fine, or a fault; nothing where it was not looked at. */
export type SeenOn = Readonly<Partial<Record<Surface, Fault | 'fine'>>>;

export const faultsIn = (seen: SeenOn): { readonly fault: Fault; readonly surface: Surface }[] =>
  Object.entries(seen).flatMap(([surface, fault]) => (fault && fault !== 'fine' ? [{ surface: surface as Surface, fault }] : []));

type Props = {
  readonly geometry: Geometry;
  readonly name: string;
  readonly seen: SeenOn;
  /** Whether anything on it dries. */
  readonly dries: boolean;
  readonly onChange: (seen: SeenOn) => void;
};

/** The piece with its surfaces numbered, each looked at in the order it is coated. */
export function SurfaceList({ geometry, name, seen, dries, onChange }: Props) {
  const marks = Object.fromEntries(Object.entries(seen).map(([surface, what]) => [surface, what !== 'fine']));
  return (
    <div className="grid gap-x-6 bench:grid-cols-[minmax(0,16rem)_minmax(0,1fr)]">
      <PiecePicture geometry={geometry} name={name} seen={marks} />
      <ol className="grid content-start gap-x-6 bench:grid-cols-2">
        {surfacesOf(geometry).map((surface, i) => (
          <SurfaceRow
            key={surface}
            place={i + 1}
            surface={surface}
            what={seen[surface] ?? ''}
            dries={dries}
            onSay={(what) => {
              const { [surface]: _, ...rest } = seen;
              onChange(what === '' ? rest : { ...rest, [surface]: what });
            }}
          />
        ))}
      </ol>
    </div>
  );
}

type RowProps = {
  readonly place: number;
  readonly surface: Surface;
  readonly what: Fault | 'fine' | '';
  readonly dries: boolean;
  readonly onSay: (what: Fault | 'fine' | '') => void;
};

/** One surface and what is seen on it. */
function SurfaceRow({ place, surface, what, dries, onSay }: RowProps) {
  return (
    <li>
      <label className="grid min-h-11 grid-cols-[1.5rem_1fr_1fr] items-center gap-2">
        <span className="reading font-semibold">{place}</span>
        <span className="first-letter:uppercase">{SURFACE_WORDS[surface]}</span>
        <SelectBox value={what} onChange={(event) => onSay(event.target.value as Fault | 'fine' | '')}>
          <option value="">not looked at</option>
          <option value="fine">fine</option>
          {faultsFor(dries).map((fault) => (
            <option key={fault} value={fault}>
              {FAULT_WORDS[fault].name}
            </option>
          ))}
        </SelectBox>
      </label>
    </li>
  );
}
