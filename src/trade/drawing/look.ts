import type { Geometry, Solid } from '@/core/piece';
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
type Of<S extends Solid['shape']> = Extract<Solid, { shape: S }>;

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

/** A round board from the front, leaning back a little: its face, and the edge under it. */
function disc({ diameterMm, thickMm, grain }: Of<'disc'>): Drawn {
  const k = scaleTo(diameterMm, diameterMm * 0.8 + thickMm);
  const [r, ry, t] = [(diameterMm * k) / 2, diameterMm * k * 0.4, Math.max(2.5, thickMm * k * 0.8)];
  const face = (y: number): string => `M0 ${n(y)}a${n(r)} ${n(ry)} 0 1 1 ${n(2 * r)} 0`;
  const lines =
    grain === 'long'
      ? between(4, -ry, ry).map((y, i) => {
          const half = r * Math.sqrt(Math.max(0, 1 - (y / ry) ** 2)) - 2;
          return `M${n(r - half)} ${n(ry + y)}Q${n(r)} ${n(ry + y + (i % 2 ? 2 : -1.5))} ${n(r + half)} ${n(ry + y)}`;
        })
      : between(3, 0, 1).map((share) => oval(r, ry, r * share, ry * share));
  return {
    width: 2 * r,
    height: 2 * ry + t,
    body: `${face(ry)}v${n(t)}a${n(r)} ${n(ry)} 0 1 1 ${n(-2 * r)} 0Z`,
    shade: `M0 ${n(ry)}a${n(r)} ${n(ry)} 0 0 0 ${n(2 * r)} 0v${n(t)}a${n(r)} ${n(ry)} 0 0 1 ${n(-2 * r)} 0Z`,
    grain: lines.join(''),
    hole: '',
  };
}

/** A board with its recess. */
function tray(piece: Of<'tray'>): Drawn {
  const flat = board({ ...piece, shape: 'board', grain: 'long' });
  const k = flat.width / piece.lengthMm;
  const [w, h] = [piece.recessLengthMm * k, piece.recessWidthMm * k];
  const [x, y] = [(flat.width - w) / 2, (piece.widthMm * k - h) / 2];
  return {
    ...flat,
    shade: `${flat.shade}${box(x, y, w, h, 2)}${box(x + 1.5, y + 2.5, Math.max(1, w - 3), Math.max(1, h - 3.5), 1.5)}`,
  };
}

function ring({ outerMm, barMm }: Of<'ring'>): Drawn {
  const k = scaleTo(outerMm, outerMm);
  const [r, bar] = [(outerMm * k) / 2, Math.max(3, barMm * k)];
  return {
    width: 2 * r,
    height: 2 * r,
    body: oval(r, r, r, r),
    shade: '',
    grain: `${oval(r, r, r - bar / 3, r - bar / 3)}${oval(r, r, r - (2 * bar) / 3, r - (2 * bar) / 3)}`,
    hole: oval(r, r, Math.max(1, r - bar), Math.max(1, r - bar)),
  };
}

/** A round box from the side and a little from above, its lid on or its mouth open. */
function roundBox({ diameterMm, heightMm, wallMm, lid }: Of<'round-box'>): Drawn {
  const r = diameterMm / 2;
  const high = heightMm + (lid ? wallMm : 0);
  const side = turned({
    shape: 'turned',
    outer: [
      [r, 0],
      [r, high],
    ],
  });
  const at = side.height - (side.height - 3) * (heightMm / high);
  return {
    ...side,
    shade: lid
      ? `M0 ${n(at)}Q${n(side.width / 2)} ${n(at + 4)} ${n(side.width)} ${n(at)}V${n(at + 1.6)}Q${n(side.width / 2)} ${n(at + 5.6)} 0 ${n(at + 1.6)}Z`
      : side.shade,
  };
}

/** A block of which only its surface is known. */
const plain = ({ areaMm2 }: Of<'plain'>): Drawn => {
  const side = Math.sqrt(areaMm2 / 2);
  return board({ shape: 'board', lengthMm: side * 1.25, widthMm: side * 0.8, thickMm: side * 0.2, grain: 'long' });
};

/** A solid form shows no mouth. */
const solidTurned = (piece: Of<'turned'>): Drawn => (piece.inner ? turned(piece) : { ...turned(piece), shade: '' });

const DRAWN: { readonly [S in Solid['shape']]: (of: Of<S>) => Drawn } = {
  board,
  spoon,
  scoop: spoon,
  box: chest,
  turned: solidTurned,
  disc,
  tray,
  ring,
  'round-box': roundBox,
  plain,
};
const drawnOf = (of: Solid): Drawn => (DRAWN[of.shape] as (of: Solid) => Drawn)(of);

/** Nothing is known of it: a block nobody has shaped yet. */
const UNSHAPED: Drawn = {
  width: 44,
  height: 34,
  body: 'M3 8L30 1L43 9L41 28L14 33L1 25Z',
  shade: 'M3 8L16 15L14 33L1 25Z',
  grain: 'M16 15L43 9M17 21L42 15M16 27L41 22',
  hole: '',
};

const PARTS_SHOWN = 3;

/** Moves a path's own numbers: every command of a look is relative but for its first point and its straight lines. */
const moved = (path: string, x: number, y: number): string =>
  path.replace(/([MLQCA])([^A-Za-z]*)|([HV])([^A-Za-z]*)/g, (_, many: string, points: string, one: string, value: string) => {
    if (one) return `${one}${n(Number(value) + (one === 'H' ? x : y))}`;
    const numbers = points.trim().split(/[ ,]+/).filter(Boolean).map(Number);
    // Of an arc only its end is a point.
    const at =
      many === 'A'
        ? numbers.map((value, i) => (i % 7 === 5 ? value + x : i % 7 === 6 ? value + y : value))
        : numbers.map((value, i) => value + (i % 2 ? y : x));
    return `${many}${at.map(n).join(' ')}`;
  });

/** Parts side by side, the largest three. */
function parts(all: readonly Solid[]): Drawn {
  const each = all.slice(0, PARTS_SHOWN).map(drawnOf);
  const k = Math.min(1, WIDE / each.reduce((sum, one) => sum + one.width + 3, -3));
  const high = Math.max(...each.map((one) => one.height));
  let x = 0;
  const placed = each.map((one) => {
    const at = { one, x, y: high - one.height };
    x += one.width + 3;
    return at;
  });
  const joined = (of: 'body' | 'shade' | 'grain' | 'hole'): string => placed.map((at) => moved(at.one[of], at.x, at.y)).join('');
  const drawn = {
    width: x - 3,
    height: high,
    body: joined('body'),
    shade: joined('shade'),
    grain: joined('grain'),
    hole: joined('hole'),
  };
  return k < 1 ? shrunk(drawn, k) : drawn;
}

/** A drawing made smaller: every length of its paths. */
function shrunk(drawn: Drawn, k: number): Drawn {
  const small = (path: string): string =>
    path.replace(/([a-zA-Z])([^a-zA-Z]*)/g, (_, letter: string, rest: string) => {
      const numbers = rest.trim().split(/[ ,]+/).filter(Boolean).map(Number);
      const isArc = letter === 'a' || letter === 'A';
      return `${letter}${numbers.map((value, i) => (isArc && i % 7 > 1 && i % 7 < 5 ? String(value) : n(value * k))).join(' ')}`;
    });
  return {
    width: drawn.width * k,
    height: drawn.height * k,
    body: small(drawn.body),
    shade: small(drawn.shade),
    grain: small(drawn.grain),
    hole: small(drawn.hole),
  };
}

function drawn(geometry: Geometry): Drawn {
  if (geometry.shape === 'parts') return parts(geometry.parts.map(({ of }) => of));
  if (geometry.shape === 'like') return drawnOf(geometry.of);
  return geometry.shape === 'unknown' ? UNSHAPED : drawnOf(geometry);
}

/** How a piece of a wood looks. */
export function lookOf(geometry: Geometry, speciesId: string): PieceLook {
  const wood = woodLook(speciesId);
  const one = drawn(geometry);
  return { ...one, width: Math.ceil(one.width), height: Math.ceil(one.height), ground: wood.ground, line: wood.grain };
}
