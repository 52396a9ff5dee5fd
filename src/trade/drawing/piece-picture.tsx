import type { MouseEvent } from 'react';
import { type Geometry, type Surface, surfacesOf } from '@/core/piece';
import { SURFACE_WORDS, sizeWords } from '@/messages';
import { piecePicture as wording } from '@/messages/screens/trade';
import { reads } from '@/web/here';
import { largeOf, WHERE } from '../shapes/large';
import { H, type Paint, W, type Where } from '../shapes/picture';
import { lookOf } from './look';
import { woodLook } from './woods';

type Props = {
  readonly geometry: Geometry;
  readonly name: string;
  /** In the colour of its wood, where that is known. */
  readonly speciesId?: string | undefined;
  /** Numbers on its surfaces: true where something is amiss, false where it is fine, none where it was not looked at. */
  readonly seen?: Readonly<Partial<Record<Surface, boolean>>>;
  /** How a surface stands of which nothing was said, for who hears the drawing. */
  readonly unsaid?: string;
  /** A surface was touched; its numbers are buttons then. */
  readonly onTouch?: (surface: Surface) => void;
  /** Places that were marked on the drawing, as shares of its width and height. */
  readonly spots?: readonly (readonly [number, number])[];
  /** A place on the drawing was touched beside its numbers. */
  readonly onPlace?: (at: readonly [number, number]) => void;
};

function paintOf(speciesId: string | undefined): Paint {
  const wood = speciesId === undefined ? null : woodLook(speciesId);
  return {
    ink: { fill: wood?.ground ?? 'var(--paper)', stroke: wood ? 'var(--wood-ink)' : 'var(--ink)', strokeWidth: 2.5 },
    line: wood?.grain ?? 'var(--rule)',
  };
}

/** Where a surface's number stands; what has no place of its own stands in a row beneath the drawing. */
const placeOf = (geometry: Geometry, surface: Surface, i: number): readonly [number, number] => {
  const shape = geometry.shape === 'like' ? geometry.of.shape : geometry.shape;
  const own: Where = shape === 'parts' ? {} : shape === 'unknown' ? WHERE.plain : WHERE[shape];
  return own[surface] ?? [0.12 + 0.13 * (i % 7), 0.88];
};

/** A piece as it is drawn: a board from above and from its edge, a spoon from above, turned work cut through. To scale within itself. */
export function PiecePicture({ geometry, name, speciesId, seen, unsaid = '', onTouch, spots = [], onPlace }: Props) {
  const paint = paintOf(speciesId);
  const place = (event: MouseEvent<HTMLElement>): void => {
    const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
    // A key that presses has no place.
    if (width > 0 && height > 0 && event.detail > 0) onPlace?.([(event.clientX - left) / width, (event.clientY - top) / height]);
  };
  return (
    <div className="relative w-full max-w-md">
      {onPlace ? (
        <button
          type="button"
          tabIndex={-1}
          aria-label={wording.markTheVeryPlace}
          className="absolute inset-0 cursor-crosshair"
          onClick={place}
        />
      ) : null}
      <svg viewBox={`0 0 ${W} ${H}`} className="block w-full" role="img" aria-label={wording.drawingOf(name)}>
        <Drawing geometry={geometry} paint={paint} speciesId={speciesId} />
      </svg>
      {spots.map(([x, y]) => (
        <span
          key={`${x} ${y}`}
          aria-hidden="true"
          className="-translate-x-1/2 -translate-y-1/2 pointer-events-none absolute font-bold text-2xl text-late leading-none"
          style={{ left: `${x * 100}%`, top: `${y * 100}%` }}
        >
          ×
        </span>
      ))}
      {seen ? <SurfaceMarks geometry={geometry} seen={seen} unsaid={unsaid} {...(onTouch ? { onTouch } : {})} /> : null}
    </div>
  );
}

type DrawingProps = Pick<Props, 'geometry' | 'speciesId'> & { readonly paint: Paint };

/** What has a drawing of its own, to scale with its sizes; all else as it looks, large. */
function Drawing({ geometry, paint, speciesId }: DrawingProps) {
  const solid = geometry.shape === 'like' ? geometry.of : geometry;
  const own = solid.shape === 'parts' || solid.shape === 'unknown' ? null : largeOf(solid, paint);
  return own ?? <Large geometry={geometry} speciesId={speciesId} />;
}

/** A piece as it looks, as large as there is room, with its size in words. */
function Large({ geometry, speciesId }: Pick<Props, 'geometry' | 'speciesId'>) {
  const look = lookOf(geometry, speciesId ?? '');
  const k = Math.min((W - 40) / look.width, (H - 50) / look.height);
  return (
    <g>
      <g transform={`translate(${(W - look.width * k) / 2} 8) scale(${k})`}>
        <path d={look.body} fill={speciesId === undefined ? 'var(--paper)' : look.ground} />
        <path d={look.grain} fill="none" stroke={look.line} strokeWidth={0.6} />
        <path d={look.shade} fill={look.line} fillOpacity={0.55} fillRule="evenodd" />
        <path d={look.body} fill="none" stroke="var(--wood-ink)" strokeWidth={0.8} />
        {look.hole ? <path d={look.hole} fill="var(--bench)" stroke="var(--wood-ink)" strokeWidth={0.8} /> : null}
      </g>
      <text x={W / 2} y={H - 8} textAnchor="middle" fontSize={14} fill="var(--ink)" className="reading">
        {sizeWords(geometry, reads())}
      </text>
    </g>
  );
}

type MarksProps = Required<Pick<Props, 'geometry' | 'seen' | 'unsaid'>> & Pick<Props, 'onTouch'>;

/** Each surface by its number, marked as it was seen; to touch where that says something. */
function SurfaceMarks({ geometry, seen, unsaid, onTouch }: MarksProps) {
  return surfacesOf(geometry).map((surface, i) => {
    const [x, y] = placeOf(geometry, surface, i);
    const state = seen[surface];
    const tone = state === undefined ? 'bg-paper text-ink' : state ? 'bg-late text-on-state' : 'bg-fit text-on-state';
    const at = { left: `${x * 100}%`, top: `${y * 100}%` };
    const dot = (
      <span
        key={surface}
        className={`reading flex size-7 items-center justify-center rounded-full border-2 border-ink font-bold ${tone}`}
      >
        {i + 1}
      </span>
    );
    const place = '-translate-x-1/2 -translate-y-1/2 absolute flex items-center justify-center';
    return onTouch ? (
      <button
        key={surface}
        type="button"
        aria-label={`${SURFACE_WORDS[surface]}: ${state === undefined ? unsaid : state ? wording.somethingIsAmiss : 'fine'}`}
        className={`${place} size-11`}
        style={at}
        onClick={() => onTouch(surface)}
      >
        {dot}
      </button>
    ) : (
      <span key={surface} aria-hidden="true" className={place} style={at}>
        {dot}
      </span>
    );
  });
}
