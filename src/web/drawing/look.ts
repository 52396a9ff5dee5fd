import type { Geometry } from '@/core/piece';
import { woodLook } from './woods';

/** A piece as it is drawn small: paths in a box of its own, in the colours of its wood. Small enough to send with every act. */
export type PieceLook = {
  readonly width: number;
  readonly height: number;
  /** The piece itself. */
  readonly body: string;
  /** What lies deeper or in shade: an edge, a hollow, a groove. */
  readonly shade: string;
  /** The lines of its grain. */
  readonly grain: string;
  /** Cut right through. */
  readonly hole: string;
  readonly ground: string;
  readonly line: string;
};

type Drawn = Pick<PieceLook, 'width' | 'height' | 'body' | 'shade' | 'grain' | 'hole'>;
type Of<S extends Geometry['shape']> = Extract<Geometry, { shape: S }>;

/** How high a look is drawn at most, and how wide. */
const HIGH = 40;
const WIDE = 76;

const n = (value: number): string => String(Math.round(value * 10) / 10);
const box = (x: number, y: number, w: number, h: number, r: number): string =>
  `M${n(x + r)} ${n(y)}h${n(w - 2 * r)}a${n(r)} ${n(r)} 0 0 1 ${n(r)} ${n(r)}v${n(h - 2 * r)}a${n(r)} ${n(r)} 0 0 1 ${n(-r)} ${n(r)}h${n(2 * r - w)}a${n(r)} ${n(r)} 0 0 1 ${n(-r)} ${n(-r)}v${n(2 * r - h)}a${n(r)} ${n(r)} 0 0 1 ${n(r)} ${n(-r)}Z`;
const oval = (x: number, y: number, rx: number, ry: number): string =>
  `M${n(x - rx)} ${n(y)}a${n(rx)} ${n(ry)} 0 1 0 ${n(2 * rx)} 0a${n(rx)} ${n(ry)} 0 1 0 ${n(-2 * rx)} 0Z`;
/** Even steps between two ends, neither of them included. */
const between = (count: number, from: number, to: number): number[] =>
  Array.from({ length: count }, (_, i) => from + ((to - from) * (i + 1)) / (count + 1));

/** Into the box a look is drawn in: millimetres to its units. */
const scaleTo = (wide: number, high: number): number => Math.min(WIDE / wide, HIGH / high);

/** From the front, leaning back a little: its face, and the edge under it. */
function board({ lengthMm, widthMm, thickMm, grain, groove, hole }: Of<'board'>): Drawn {
  const k = scaleTo(lengthMm, widthMm + thickMm);
  const [l, w, t] = [lengthMm * k, widthMm * k, Math.max(2.5, thickMm * k * 0.8)];
  const inset = groove ? Math.min(groove.insetMm * k + 1, l / 3, w / 3) : 0;
  const lines =
    grain === 'long'
      ? between(4, 0, w).map((y, i) => `M2 ${n(y)}Q${n(l / 2)} ${n(y + (i % 2 ? 2.4 : -1.8))} ${n(l - 2)} ${n(y)}`)
      : [
          ...between(Math.max(2, Math.round(l / 9)), 0, l).map((x) => `M${n(x)} 1V${n(w - 1)}`),
          ...between(2, 0, w).map((y) => `M1 ${n(y)}H${n(l - 1)}`),
        ];
  return {
    width: l,
    height: w + t,
    body: box(0, 0, l, w + t, 2),
    shade: `M0 ${n(w)}H${n(l)}V${n(w + t - 1.5)}Q${n(l)} ${n(w + t)} ${n(l - 1.5)} ${n(w + t)}H1.5Q0 ${n(w + t)} 0 ${n(w + t - 1.5)}Z${
      groove
        ? `${box(inset, inset, l - 2 * inset, w - 2 * inset, 2)}${box(inset + 1.6, inset + 1.6, l - 2 * inset - 3.2, w - 2 * inset - 3.2, 1)}`
        : ''
    }`,
    grain: lines.join(''),
    hole: hole ? oval(l - 6, w / 2, 2, Math.min(w / 4, Math.max(3, (hole.lengthMm * k) / 2))) : '',
  };
}

/** Lying, seen from above. */
function spoon({ bowlLengthMm, bowlWidthMm, handleLengthMm, handleWidthMm }: Of<'spoon'> | Of<'scoop'>): Drawn {
  const k = scaleTo(bowlLengthMm + handleLengthMm, bowlWidthMm);
  const [bl, bw, hl, hw] = [bowlLengthMm * k, Math.max(9, bowlWidthMm * k), handleLengthMm * k, Math.max(3, handleWidthMm * k)];
  const [cx, cy, end] = [bl / 2, bw / 2, bl + hl];
  const half = Math.min(hw / 2, bw / 2 - 1);
  return {
    width: end,
    height: bw,
    // The bowl runs over into the handle: one outline from neck to neck.
    body: `M${n(bl - 2)} ${n(cy - half)}C${n(bl - bl / 5)} 0 ${n(cx + bl / 6)} 0 ${n(cx)} 0A${n(cx)} ${n(cy)} 0 0 0 ${n(cx)} ${n(bw)}C${n(cx + bl / 6)} ${n(bw)} ${n(bl - bl / 5)} ${n(bw)} ${n(bl - 2)} ${n(cy + half)}L${n(end - half)} ${n(cy + half)}a${n(half)} ${n(half)} 0 0 0 0 ${n(-2 * half)}Z`,
    shade: oval(cx, cy, Math.max(2, cx - 3), Math.max(2, cy - 2.6)),
    grain: `M${n(bl + 3)} ${n(cy - half / 3)}H${n(end - 4)}M${n(bl)} ${n(cy + half / 2.4)}H${n(end - 6)}`,
    hole: '',
  };
}

/** From the front, its lid on. */
function chest({ lengthMm, heightMm, wallMm, lid }: Of<'box'>): Drawn {
  const k = scaleTo(lengthMm, heightMm + wallMm);
  const [l, h, t] = [lengthMm * k, heightMm * k, Math.max(3, wallMm * k)];
  const top = lid ? t : 0;
  return {
    width: l,
    height: h + top,
    body: box(0, 0, l, h + top, 1.5),
    shade: lid ? `M0 ${n(top)}H${n(l)}V${n(top + 1.4)}H0Z` : `M${n(t)} 0H${n(l - t)}V${n(t)}H${n(t)}Z`,
    grain: between(3, top, h + top)
      .map((y, i) => `M2 ${n(y)}Q${n(l / 2)} ${n(y + (i % 2 ? 2 : -1.5))} ${n(l - 2)} ${n(y)}`)
      .join(''),
    hole: '',
  };
}

/** How far a profile reaches out at a height, between its points. */
function reachAt(profile: Of<'turned'>['outer'], height: number): number {
  const above = profile.findIndex(([, z]) => z >= height);
  const [b, a] = [profile[above < 0 ? profile.length - 1 : above], profile[Math.max(0, above - 1)]];
  if (!a || !b) return 0;
  const share = b[1] === a[1] ? 1 : (height - a[1]) / (b[1] - a[1]);
  return a[0] + (b[0] - a[0]) * Math.min(1, Math.max(0, share));
}

const LEVELS = 14;

/** Turned work from the side and a little from above, so that its mouth is seen. */
function turned({ outer }: Of<'turned'>): Drawn {
  const radius = Math.max(...outer.map(([r]) => r), 1);
  const [low, high] = [outer[0]?.[1] ?? 0, Math.max(...outer.map(([, z]) => z), 1)];
  const tall = Math.max(1, high - low);
  const k = Math.min(WIDE / (2 * radius), HIGH / (tall + radius * 0.26));
  const mouth = reachAt(outer, high) * k;
  const lip = Math.max(1.5, mouth * 0.22);
  const [cx, top] = [radius * k, lip];
  const levels = Array.from({ length: LEVELS + 1 }, (_, i) => high - (tall * i) / LEVELS);
  const sides = levels.map((z) => [reachAt(outer, z) * k, top + (high - z) * k] as const);
  const foot = sides.at(-1) ?? [0, top];
  const right = sides.map(([r, y]) => `L${n(cx + r)} ${n(y)}`).join('');
  const left = [...sides]
    .reverse()
    .map(([r, y]) => `L${n(cx - r)} ${n(y)}`)
    .join('');
  return {
    width: 2 * radius * k,
    height: foot[1] + 1,
    body: `M${n(cx - mouth)} ${n(top)}a${n(mouth)} ${n(lip)} 0 0 1 ${n(2 * mouth)} 0${right}${left}Z`,
    shade: oval(cx, top, Math.max(1, mouth - 1.2), Math.max(0.8, lip - 0.8)),
    grain: [3, 6, 9, 12]
      .map((level) => sides[level])
      .flatMap((side) =>
        side && side[0] > 3
          ? [
              `M${n(cx - side[0] + 1.5)} ${n(side[1])}Q${n(cx)} ${n(side[1] + side[0] * 0.22)} ${n(cx + side[0] - 1.5)} ${n(side[1])}`,
            ]
          : [],
      )
      .join(''),
    hole: '',
  };
}

/** How a piece of a wood looks. */
export function lookOf(geometry: Geometry, speciesId: string): PieceLook {
  const wood = woodLook(speciesId);
  const drawn =
    geometry.shape === 'board'
      ? board(geometry)
      : geometry.shape === 'box'
        ? chest(geometry)
        : geometry.shape === 'turned'
          ? turned(geometry)
          : spoon(geometry);
  return { ...drawn, width: Math.ceil(drawn.width), height: Math.ceil(drawn.height), ground: wood.ground, line: wood.grain };
}
