import type { MouseEvent } from 'react';
import { type Geometry, type Solid, type Surface, surfacesOf } from '@/core/piece';
import { say, saySizes } from '@/core/quantity';
import { SURFACE_WORDS, sizeWords } from '@/messages';
import { reads } from '@/web/shop-here';
import { lookOf } from './look';
import { woodLook } from './woods';

const W = 360;
const H = 220;

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

/** How the wood is drawn: its ground with an outline, and its grain. */
type Paint = {
  readonly ink: { readonly fill: string; readonly stroke: string; readonly strokeWidth: number };
  readonly line: string;
};
function paintOf(speciesId: string | undefined): Paint {
  const wood = speciesId === undefined ? null : woodLook(speciesId);
  return {
    ink: { fill: wood?.ground ?? 'var(--paper)', stroke: wood ? 'var(--wood-ink)' : 'var(--ink)', strokeWidth: 2.5 },
    line: wood?.grain ?? 'var(--rule)',
  };
}

/** Where each surface's number stands in the drawing, as shares of its width and height. */
const WHERE: Readonly<Record<Geometry['shape'], Readonly<Partial<Record<Surface, readonly [number, number]>>>>> = {
  board: {
    underside: [0.2, 0.82],
    edges: [0.5, 0.76],
    'end-grain': [0.08, 0.35],
    top: [0.5, 0.35],
    groove: [0.24, 0.14],
    hole: [0.86, 0.35],
    engraving: [0.3, 0.45],
  },
  turned: { foot: [0.5, 0.84], outside: [0.86, 0.45], inside: [0.5, 0.3], rim: [0.2, 0.06] },
  spoon: { 'bowl-outside': [0.14, 0.66], handle: [0.68, 0.45], 'bowl-inside': [0.18, 0.45], 'end-grain': [0.95, 0.45] },
  scoop: { 'bowl-outside': [0.14, 0.66], handle: [0.68, 0.45], 'bowl-inside': [0.18, 0.45], 'end-grain': [0.95, 0.45] },
  box: {
    underside: [0.5, 0.84],
    outside: [0.06, 0.5],
    inside: [0.5, 0.45],
    rim: [0.9, 0.2],
    'end-grain': [0.94, 0.6],
    lid: [0.5, 0.05],
  },
  'round-box': { underside: [0.5, 0.84], outside: [0.3, 0.55], inside: [0.5, 0.3], rim: [0.7, 0.2], lid: [0.5, 0.08] },
  disc: { underside: [0.3, 0.84], edges: [0.5, 0.74], top: [0.5, 0.35] },
  tray: { underside: [0.2, 0.84], edges: [0.5, 0.74], 'end-grain': [0.14, 0.4], top: [0.28, 0.14], recess: [0.5, 0.4] },
  ring: { outside: [0.33, 0.4], inside: [0.44, 0.4] },
  plain: { everywhere: [0.5, 0.4] },
  parts: {},
  like: {},
  unknown: { everywhere: [0.5, 0.4] },
};

/** Where a surface's number stands; what has no place of its own stands in a row beneath the drawing. */
const placeOf = (geometry: Geometry, surface: Surface, i: number): readonly [number, number] => {
  const shape = geometry.shape === 'like' ? geometry.of.shape : geometry.shape;
  return WHERE[shape][surface] ?? [0.12 + 0.13 * (i % 7), 0.88];
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
          aria-label="Mark the very place"
          className="absolute inset-0 cursor-crosshair"
          onClick={place}
        />
      ) : null}
      <svg viewBox={`0 0 ${W} ${H}`} className="block w-full" role="img" aria-label={`Drawing of ${name}`}>
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

type Of<S extends Solid['shape']> = Extract<Solid, { shape: S }>;
type DrawingProps = Pick<Props, 'geometry' | 'speciesId'> & { readonly paint: Paint };

/** What has a drawing of its own, to scale with its sizes; all else as it looks, large. */
function Drawing({ geometry, paint, speciesId }: DrawingProps) {
  const solid = geometry.shape === 'like' ? geometry.of : geometry;
  switch (solid.shape) {
    case 'board':
      return <Board {...solid} {...paint} />;
    case 'spoon':
    case 'scoop':
      return <Spoon {...solid} {...paint} />;
    case 'box':
      return <Box {...solid} {...paint} />;
    case 'turned':
      return solid.inner ? (
        <Turned {...solid} inner={solid.inner} {...paint} />
      ) : (
        <Large geometry={geometry} speciesId={speciesId} />
      );
    default:
      return <Large geometry={geometry} speciesId={speciesId} />;
  }
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

function Board({ lengthMm, widthMm, thickMm, grain, groove, hole, engravedShare, ink, line }: Of<'board'> & Paint) {
  const k = Math.min((W - 20) / lengthMm, (H - 60) / (widthMm + thickMm));
  const [l, w, t] = [lengthMm * k, widthMm * k, Math.max(4, thickMm * k)];
  const lines = Array.from({ length: 7 }, (_, i) => (i + 1) / 8);
  return (
    <g transform={`translate(${(W - l) / 2} 8)`}>
      <rect width={l} height={w} {...ink} />
      {lines.map((share) =>
        grain === 'long' ? (
          <path key={share} d={`M4 ${w * share}Q${l / 2} ${w * share + 5} ${l - 4} ${w * share}`} stroke={line} fill="none" />
        ) : (
          <circle key={share} cx={l * share} cy={w / 2} r={Math.min(w, l) / 11} stroke={line} fill="none" />
        ),
      )}
      {groove ? (
        <rect
          x={groove.insetMm * k}
          y={groove.insetMm * k}
          width={Math.max(0, l - 2 * groove.insetMm * k)}
          height={Math.max(0, w - 2 * groove.insetMm * k)}
          rx={groove.widthMm * k}
          fill="none"
          stroke="var(--soft)"
          strokeWidth={Math.max(2, groove.widthMm * k)}
          opacity={0.55}
        />
      ) : null}
      {hole ? (
        <rect
          x={l - hole.widthMm * k * 1.8}
          y={(w - hole.lengthMm * k) / 2}
          width={hole.widthMm * k}
          height={hole.lengthMm * k}
          rx={(hole.widthMm * k) / 2}
          fill="var(--bench)"
          stroke="var(--ink)"
          strokeWidth={2}
        />
      ) : null}
      {engravedShare ? (
        <rect
          x={l * 0.08}
          y={w * 0.3}
          width={Math.sqrt(engravedShare) * l * 0.8}
          height={Math.sqrt(engravedShare) * w * 0.8}
          fill="none"
          stroke="var(--soft)"
          strokeDasharray="3 3"
        />
      ) : null}
      <rect y={w + 14} width={l} height={t} {...ink} />
      <text x={l / 2} y={w + t + 32} textAnchor="middle" fontSize={14} fill="var(--ink)" className="reading">
        {saySizes([lengthMm, widthMm, thickMm], reads())}
      </text>
    </g>
  );
}

function Spoon({ bowlLengthMm, bowlWidthMm, handleLengthMm, handleWidthMm, ink, line }: (Of<'spoon'> | Of<'scoop'>) & Paint) {
  const k = Math.min((W - 20) / (bowlLengthMm + handleLengthMm), (H - 50) / bowlWidthMm);
  const [bl, bw, hl, hw] = [bowlLengthMm * k, bowlWidthMm * k, handleLengthMm * k, handleWidthMm * k];
  return (
    <g transform={`translate(${(W - bl - hl) / 2} ${H / 2 - 10})`}>
      <rect x={bl - 6} y={-hw / 2} width={hl + 6} height={hw} rx={hw / 2} {...ink} />
      <ellipse cx={bl / 2} cy={0} rx={bl / 2} ry={bw / 2} {...ink} />
      <ellipse cx={bl / 2} cy={0} rx={bl / 2 - 6} ry={bw / 2 - 6} fill="none" stroke={line} />
      <text x={(bl + hl) / 2} y={bw / 2 + 26} textAnchor="middle" fontSize={14} fill="var(--ink)" className="reading">
        {say(bowlLengthMm + handleLengthMm, 'mm', reads())} long
      </text>
    </g>
  );
}

function Box({ lengthMm, widthMm, heightMm, wallMm, lid, ink }: Of<'box'> & Paint) {
  const top = lid ? wallMm + 12 : 0;
  const k = Math.min((W - 20) / lengthMm, (H - 40) / (heightMm + top));
  const [l, h, t] = [lengthMm * k, heightMm * k, Math.max(3, wallMm * k)];
  const y = lid ? t + 12 * k : 0;
  return (
    <g transform={`translate(${(W - l) / 2} 6)`}>
      {lid ? <rect width={l} height={t} {...ink} /> : null}
      <path d={`M0 ${y}V${y + h}H${l}V${y}H${l - t}V${y + h - t}H${t}V${y}Z`} {...ink} />
      <text x={l / 2} y={y + h + 24} textAnchor="middle" fontSize={14} fill="var(--ink)" className="reading">
        {saySizes([lengthMm, widthMm, heightMm], reads())}, cut through
      </text>
    </g>
  );
}

/** How cut wood is hatched. */
const CutWood = ({ ink, line }: Paint) => (
  <defs>
    <pattern id="cut" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="8" height="8" fill={ink.fill} />
      <path d="M0 0V8" stroke={line} strokeWidth="3" />
    </pattern>
  </defs>
);

function Turned({ outer, inner, ink, line }: Required<Of<'turned'>> & Paint) {
  const radius = Math.max(...outer.map(([r]) => r), 1);
  const [low, high] = [outer[0]?.[1] ?? 0, outer.at(-1)?.[1] ?? 1];
  const k = Math.min((W - 30) / (2 * radius), (H - 44) / Math.max(1, high - low));
  const point = (side: 1 | -1) => (one: readonly [number, number]) =>
    `${(W / 2 + side * one[0] * k).toFixed(1)} ${(H - 30 - (one[1] - low) * k).toFixed(1)}`;
  const half = (side: 1 | -1): string => `M${[...outer.map(point(side)), ...[...inner].reverse().map(point(side))].join('L')}`;
  const floor = inner[0] ?? [0, low];
  return (
    <g>
      {([1, -1] as const).map((side) => (
        <path
          key={side}
          d={`${half(side)}L${W / 2} ${H - 30 - (floor[1] - low) * k}L${W / 2} ${H - 30}Z`}
          {...ink}
          fill="url(#cut)"
        />
      ))}
      <CutWood ink={ink} line={line} />
      <path d={`M${W / 2} 6V${H - 22}`} stroke="var(--soft)" strokeDasharray="6 4" />
      <text x={W / 2} y={H - 6} textAnchor="middle" fontSize={14} fill="var(--ink)" className="reading">
        {say(2 * radius, 'mm', reads())} across, {say(high - low, 'mm', reads())} high, cut through
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
        aria-label={`${SURFACE_WORDS[surface]}: ${state === undefined ? unsaid : state ? 'something is amiss' : 'fine'}`}
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
