'use client';

import { useState } from 'react';
import { type Geometry, type Surface, surfacesOf } from '@/core/piece';
import { SURFACE_WORDS } from '@/messages';
import { touchSurfaces as wording } from '@/messages/screens/trade';
import { PiecePicture } from './piece-picture';

type Choice<T extends string> = { readonly id: T; readonly name: string; readonly isFine?: boolean };

type Props<T extends string> = {
  readonly geometry: Geometry;
  readonly name: string;
  readonly speciesId?: string | undefined;
  /** How a surface stands of which nothing was said. */
  readonly unsaid: string;
  /** What may be said of a surface. */
  readonly choices: readonly Choice<T>[];
  readonly said: Readonly<Partial<Record<Surface, T>>>;
  /** Said of a surface; null takes it back. */
  readonly onSay: (surface: Surface, what: T | null) => void;
  /** The very place on the drawing, of a surface of which something amiss was said. */
  readonly spots?: Readonly<Partial<Record<Surface, readonly [number, number]>>>;
  readonly onSpot?: (surface: Surface, at: readonly [number, number]) => void;
};

/** The piece, to be touched where something is seen: the surface, then what it is. Each choice goes on to the next surface. */
export function TouchSurfaces<T extends string>({
  geometry,
  name,
  speciesId,
  unsaid,
  choices,
  said,
  onSay,
  spots = {},
  onSpot,
}: Props<T>) {
  const surfaces = surfacesOf(geometry);
  const [at, setAt] = useState<Surface>(surfaces[0] ?? 'top');
  const here = surfaces.includes(at) ? at : (surfaces[0] ?? 'top');
  const nameOf = (what: T | undefined): string => choices.find((one) => one.id === what)?.name ?? '';
  const seen = Object.fromEntries(
    Object.entries(said).map(([surface, what]) => [surface, !choices.find((one) => one.id === what)?.isFine]),
  );
  // The surface of which something amiss was said last: a touch beside the numbers marks its place.
  const [amiss, setAmiss] = useState<Surface | null>(null);
  const say = (what: T): void => {
    const isTaken = said[here] === what;
    onSay(here, isTaken ? null : what);
    setAmiss(!isTaken && !choices.find((one) => one.id === what)?.isFine ? here : amiss);
    const next = surfaces.find((one) => one !== here && said[one] === undefined);
    if (next && !isTaken) setAt(next);
  };
  return (
    <div className="@container">
      <div className="grid gap-x-6 gap-y-3 @min-[44rem]:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]">
        <div>
          <PiecePicture
            geometry={geometry}
            name={name}
            speciesId={speciesId}
            seen={seen}
            unsaid={unsaid}
            onTouch={setAt}
            spots={Object.values(spots)}
            {...(onSpot && amiss ? { onPlace: (at: readonly [number, number]) => onSpot(amiss, at) } : {})}
          />
          {onSpot && amiss ? (
            <p className="text-sm text-soft">{wording.touchTheDrawingWhere(nameOf(said[amiss]), SURFACE_WORDS[amiss])}</p>
          ) : null}
        </div>
        <div>
          <fieldset className="border-ink border-l-4 pl-3">
            <legend className="float-left mb-1 w-full font-semibold">
              <span className="reading">{surfaces.indexOf(here) + 1}</span>{' '}
              <span className="inline-block first-letter:uppercase">{SURFACE_WORDS[here]}</span>
            </legend>
            <div className="flex w-full flex-wrap gap-2">
              {choices.map((one) => (
                <button
                  key={one.id}
                  type="button"
                  aria-pressed={said[here] === one.id}
                  className={`min-h-11 border-2 border-ink px-3 ${said[here] === one.id ? 'bg-ink text-bench' : 'bg-paper'}`}
                  onClick={() => say(one.id)}
                >
                  {one.name}
                </button>
              ))}
            </div>
          </fieldset>
          <ol className="mt-2 grid gap-x-6 @min-[30rem]:grid-cols-2">
            {surfaces.map((surface, i) => (
              <li key={surface}>
                <button
                  type="button"
                  aria-current={surface === here ? 'true' : undefined}
                  className={`flex min-h-11 w-full items-center gap-2 border-hair border-b text-left ${surface === here ? 'font-semibold' : ''}`}
                  onClick={() => setAt(surface)}
                >
                  <span className="reading w-5">{i + 1}</span>
                  <span className="grow first-letter:uppercase">{SURFACE_WORDS[surface]}</span>
                  <span className={seen[surface] ? 'font-semibold text-late' : 'text-soft'}>
                    {nameOf(said[surface]) || unsaid}
                  </span>
                </button>
              </li>
            ))}
          </ol>
        </div>
      </div>
    </div>
  );
}
