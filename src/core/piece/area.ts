import { check } from '@/core/contract';
import { ok, type Result } from '@/core/quantity';
import { Geometry } from './schema';

/** Surface of one piece, mm², and the part of it that is end grain. */
export type Area = { readonly areaMm2: number; readonly endGrainMm2: number };

/** Exponent of Thomsen's formula for the surface of an ellipsoid; within about 1 %. Source: K. Thomsen. */
export const THOMSEN_P = 1.6075;
/** Share of a turned piece taken as end grain. Source: working estimate for bowls turned across the grain. */
export const TURNED_END_SHARE = 1 / 3;
/** Share of a spoon that is end grain. Source: working estimate. */
export const SPOON_END_SHARE = 0.1;

type Point = readonly [number, number];

/** A frustum's skin: `π(r1 + r2)·√((r1 − r2)² + (z1 − z2)²)`. */
const frustum = ([r1, z1]: Point, [r2, z2]: Point): number => Math.PI * (r1 + r2) * Math.hypot(r1 - r2, z1 - z2);

const skin = (profile: readonly Point[]): number =>
  profile.slice(1).reduce((sum, point, index) => sum + frustum(profile[index] as Point, point), 0);

const disc = (profile: readonly Point[]): number => Math.PI * (profile[0]?.[0] ?? 0) ** 2;

function turnedArea(outer: readonly Point[], inner: readonly Point[]): number {
  const rim = frustum(outer.at(-1) as Point, inner.at(-1) as Point);
  return skin(outer) + disc(outer) + skin(inner) + disc(inner) + rim;
}

/** Two half-ellipsoid skins make one ellipsoid: `4π·((aᵖbᵖ + aᵖcᵖ + bᵖcᵖ)/3)^(1/p)`. */
function ellipsoid(a: number, b: number, c: number): number {
  const [ap, bp, cp] = [a ** THOMSEN_P, b ** THOMSEN_P, c ** THOMSEN_P];
  return 4 * Math.PI * ((ap * bp + ap * cp + bp * cp) / 3) ** (1 / THOMSEN_P);
}

/** Ramanujan's first perimeter of an ellipse: `π[3(a + b) − √((3a + b)(a + 3b))]`. */
const perimeter = (a: number, b: number): number => Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));

function areaOf(piece: Geometry): Area {
  switch (piece.shape) {
    case 'board': {
      const { lengthMm: l, widthMm: w, thickMm: t } = piece;
      const endGrainMm2 = piece.grain === 'end' ? 2 * l * w : 2 * w * t;
      return { areaMm2: 2 * (l * w + l * t + w * t), endGrainMm2 };
    }
    case 'turned': {
      const areaMm2 = turnedArea(piece.outer, piece.inner);
      return { areaMm2, endGrainMm2: areaMm2 * TURNED_END_SHARE };
    }
    case 'spoon': {
      const bowl = ellipsoid(piece.bowlLengthMm / 2, piece.bowlWidthMm / 2, piece.bowlDepthMm);
      const areaMm2 = bowl + perimeter(piece.handleWidthMm / 2, piece.handleThickMm / 2) * piece.handleLengthMm;
      return { areaMm2, endGrainMm2: areaMm2 * SPOON_END_SHARE };
    }
  }
}

/**
 * Surface and end grain of a board, a turned form or a spoon (calc.md, 5).
 * @example area({ shape: 'board', lengthMm: 420, widthMm: 260, thickMm: 24, grain: 'long' }) // → 251040 mm², of it 12480 end grain
 */
export function area(input: unknown): Result<Area> {
  const checked = check(Geometry, input);
  return checked.ok ? ok(areaOf(checked.value)) : checked;
}
