import type { Geometry, Solid } from '@/core/piece';
import { type Drawn, n, WIDE } from '../shapes/paths';
import { smallOf } from '../shapes/small';
import { woodLook } from './woods';

/** A piece as it is drawn small: paths in a box of its own, in the colours of its wood. Small enough to send with every act. */
export type PieceLook = Drawn & { readonly ground: string; readonly line: string };

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
  const each = all.slice(0, PARTS_SHOWN).map(smallOf);
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
  if (geometry.shape === 'like') return smallOf(geometry.of);
  return geometry.shape === 'unknown' ? UNSHAPED : smallOf(geometry);
}

/** How a piece of a wood looks. */
export function lookOf(geometry: Geometry, speciesId: string): PieceLook {
  const wood = woodLook(speciesId);
  const one = drawn(geometry);
  return { ...one, width: Math.ceil(one.width), height: Math.ceil(one.height), ground: wood.ground, line: wood.grain };
}
