import { check } from '@/core/contract';
import { fail, ok, type Result } from '@/core/quantity';
import { AreaInput, type Geometry, type PlainShape } from './schema';

/** Surface of one piece, mm², and the part of it that is end grain. */
export type Area = { readonly areaMm2: number; readonly endGrainMm2: number };

/** Exponent of Thomsen's formula for the surface of an ellipsoid; within about 1 %. Source: K. Thomsen. */
export const THOMSEN_P = 1.6075;
/** Share of a ring that is end grain: two stretches of its round. Source: working estimate. */
export const RING_END_SHARE = 1 / 3;
/** Share of a turned piece taken as end grain. Source: working estimate for bowls turned across the grain. */
export const TURNED_END_SHARE = 1 / 3;
/** Share of a spoon that is end grain. Source: working estimate. */
export const SPOON_END_SHARE = 0.1;

/** Share of a scoop that is end grain: its bowl is cut across the grain more than a spoon's. Source: working estimate. */
export const SCOOP_END_SHARE = 0.25;
/** Share of a lidded box that is end grain. Source: working estimate for mitred or jointed sides. */
export const BOX_END_SHARE = 0.12;
/** How much more surface an engraved face has than a plain one. Source: working estimate for a V cut. */
export const ENGRAVED_MORE = 0.3;
/** Share of the walls of a groove or a hole that is end grain. Source: working estimate, half run along the grain. */
export const CUT_END_SHARE = 0.5;

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

type Board = Extract<Geometry, { shape: 'board' }>;

/** What a groove, a hole and engraving add to a plain board, mm²; `cut` is the part of it in fresh walls. */
function boardExtras({ lengthMm: l, widthMm: w, thickMm: t, groove, hole, engravedShare = 0 }: Board): {
  readonly more: number;
  readonly cut: number;
} {
  const path = groove ? 2 * (l + w - 4 * groove.insetMm) : 0;
  // A half ellipse as wide as the groove and as deep, in place of the flat it was cut from.
  const grooved = groove ? Math.max(0, path) * (perimeter(groove.widthMm / 2, groove.depthMm) / 2 - groove.widthMm) : 0;
  // A slot with round ends: its wall, less the two openings.
  const slot = hole ? { straight: Math.max(0, hole.lengthMm - hole.widthMm), width: hole.widthMm } : null;
  const wall = slot ? (2 * slot.straight + Math.PI * slot.width) * t : 0;
  const opening = slot ? slot.straight * slot.width + (Math.PI * slot.width ** 2) / 4 : 0;
  return { more: grooved + wall - 2 * opening + ENGRAVED_MORE * engravedShare * l * w, cut: Math.max(0, grooved) + wall };
}

/** A turned form with nothing inside: the outer skin with a disc at each end. */
function solidTurned(outer: readonly Point[]): Area {
  const areaMm2 = skin(outer) + disc(outer) + Math.PI * (outer.at(-1)?.[0] ?? 0) ** 2;
  return { areaMm2, endGrainMm2: areaMm2 * TURNED_END_SHARE };
}

function areaOf(piece: Geometry | PlainShape): Area {
  switch (piece.shape) {
    case 'disc': {
      const [faces, edge] = [(Math.PI * piece.diameterMm ** 2) / 2, Math.PI * piece.diameterMm * piece.thickMm];
      return { areaMm2: faces + edge, endGrainMm2: piece.grain === 'end' ? faces : edge / 2 };
    }
    case 'tray': {
      const { lengthMm: l, widthMm: w, thickMm: t, recessLengthMm: a, recessWidthMm: b, recessDepthMm: c } = piece;
      return { areaMm2: 2 * (l * w + l * t + w * t) + 2 * (a + b) * c, endGrainMm2: 2 * w * t + 2 * b * c };
    }
    case 'ring': {
      // Torus of bar d and outer D: π²·d·(D − d)
      const areaMm2 = Math.PI ** 2 * piece.barMm * (piece.outerMm - piece.barMm);
      return { areaMm2, endGrainMm2: areaMm2 * RING_END_SHARE };
    }
    case 'plain':
      return { areaMm2: piece.areaMm2, endGrainMm2: piece.areaMm2 * piece.endGrainShare };
    case 'board': {
      const { lengthMm: l, widthMm: w, thickMm: t } = piece;
      const plain = piece.grain === 'end' ? 2 * l * w : 2 * w * t;
      const { more, cut } = boardExtras(piece);
      return { areaMm2: 2 * (l * w + l * t + w * t) + more, endGrainMm2: plain + CUT_END_SHARE * cut };
    }
    case 'scoop': {
      const [a, b, c, wall] = [piece.bowlLengthMm / 2, piece.bowlWidthMm / 2, piece.bowlDepthMm, piece.wallMm];
      const outside = ellipsoid(a, b, c) / 2;
      const inside = ellipsoid(a - wall, b - wall, c - wall) / 2;
      const rim = Math.PI * (a * b - (a - wall) * (b - wall));
      const handle = perimeter(piece.handleWidthMm / 2, piece.handleThickMm / 2) * piece.handleLengthMm;
      const areaMm2 = outside + inside + rim + handle;
      return { areaMm2, endGrainMm2: areaMm2 * SCOOP_END_SHARE };
    }
    case 'box': {
      const { lengthMm: l, widthMm: w, heightMm: h, wallMm: t } = piece;
      const [il, iw, ih] = [l - 2 * t, w - 2 * t, h - t];
      const body = l * w + 2 * (l + w) * h + il * iw + 2 * (il + iw) * ih + (l * w - il * iw);
      const lid = piece.lid ? 2 * l * w + 2 * (l + w) * t : 0;
      return { areaMm2: body + lid, endGrainMm2: (body + lid) * BOX_END_SHARE };
    }
    case 'turned': {
      if (!('inner' in piece)) return solidTurned(piece.outer);
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

/** What is hollowed must leave a wall, and what is cut must lie within the piece. */
function unfit(piece: Geometry | PlainShape): Result<void> {
  if (piece.shape === 'ring' && 2 * piece.barMm >= piece.outerMm) return fail('cut-too-large', 'barMm');
  if (
    piece.shape === 'tray' &&
    (piece.recessLengthMm >= piece.lengthMm || piece.recessWidthMm >= piece.widthMm || piece.recessDepthMm >= piece.thickMm)
  )
    return fail('cut-too-large', 'recess');
  if (piece.shape === 'board') {
    const { groove, hole } = piece;
    const least = Math.min(piece.lengthMm, piece.widthMm);
    if (groove && (groove.depthMm >= piece.thickMm || 2 * groove.insetMm + groove.widthMm >= least))
      return fail('cut-too-large', 'groove');
    if (
      hole &&
      (hole.lengthMm >= Math.max(piece.lengthMm, piece.widthMm) || hole.widthMm >= least || hole.widthMm > hole.lengthMm)
    )
      return fail('cut-too-large', 'hole');
  }
  if (piece.shape === 'scoop' && 2 * piece.wallMm >= Math.min(piece.bowlLengthMm, piece.bowlWidthMm, 2 * piece.bowlDepthMm))
    return fail('cut-too-large', 'wall');
  if (piece.shape === 'box' && (2 * piece.wallMm >= Math.min(piece.lengthMm, piece.widthMm) || piece.wallMm >= piece.heightMm))
    return fail('cut-too-large', 'wall');
  return ok(undefined);
}

/**
 * Surface and end grain of a board, disc, tray, ring, turned form, spoon, scoop, box, plain area, or parts with their counts (calc.md, 5;
 * scoop, box and what is cut into a board are working estimates).
 * @example area({ shape: 'board', lengthMm: 420, widthMm: 260, thickMm: 24, grain: 'long' }) // → 251040 mm², of it 12480 end grain
 */
export function area(input: unknown): Result<Area> {
  const checked = check(AreaInput, input);
  if (!checked.ok) return checked;
  const parts = checked.value.shape === 'parts' ? checked.value.parts : [{ count: 1, of: checked.value }];
  let whole: Area = { areaMm2: 0, endGrainMm2: 0 };
  for (const { count, of } of parts) {
    const fits = unfit(of);
    if (!fits.ok) return fits;
    const one = areaOf(of);
    whole = { areaMm2: whole.areaMm2 + count * one.areaMm2, endGrainMm2: whole.endGrainMm2 + count * one.endGrainMm2 };
  }
  return ok(whole);
}
