import type { Geometry, Solid } from './schema';

/** Air left between pieces that stand on edge or lie side by side, mm. Source: working estimate. */
export const GAP_MM = 30;

type Point = readonly [number, number];

/** Volume between a turned profile and the axis: `Σ π·h/3·(r1² + r1·r2 + r2²)`, mm³. */
const solid = (profile: readonly Point[]): number =>
  profile.slice(1).reduce((sum, [r2, z2], i) => {
    const [r1, z1] = profile[i] as Point;
    return sum + (Math.PI * Math.abs(z2 - z1) * (r1 * r1 + r1 * r2 + r2 * r2)) / 3;
  }, 0);

type Of<S extends Solid['shape']> = Extract<Solid, { shape: S }>;

/** How thick a thing is taken to be of which only its surface is known, mm. Source: working estimate, a board's. */
const PLAIN_THICK_MM = 20;

const handleMm3 = ({ handleLengthMm, handleWidthMm, handleThickMm }: Of<'spoon'> | Of<'scoop'>): number =>
  Math.PI * (handleWidthMm / 2) * (handleThickMm / 2) * handleLengthMm;

/** Wood of each shape, mm³. */
const WOOD: { readonly [S in Solid['shape']]: (of: Of<S>) => number } = {
  board: (one) => one.lengthMm * one.widthMm * one.thickMm,
  turned: (one) => Math.max(0, solid(one.outer) - (one.inner ? solid(one.inner) : 0)),
  scoop: (one) => {
    const [a, b, c, t] = [one.bowlLengthMm / 2, one.bowlWidthMm / 2, one.bowlDepthMm, one.wallMm];
    return (2 / 3) * Math.PI * (a * b * c - (a - t) * (b - t) * (c - t)) + handleMm3(one);
  },
  box: ({ lengthMm: l, widthMm: w, heightMm: h, wallMm: t, lid }) =>
    l * w * h - (l - 2 * t) * (w - 2 * t) * (h - t) + (lid ? l * w * t : 0),
  'round-box': ({ diameterMm: d, heightMm: h, wallMm: t, lid }) =>
    (Math.PI / 4) * (d ** 2 * h - (d - 2 * t) ** 2 * (h - t) + (lid ? d ** 2 * t : 0)),
  // Half an ellipsoid skin a sixth of its depth thick, and an elliptical handle. Source: working estimate.
  spoon: (one) => ((2 / 3) * Math.PI * (one.bowlLengthMm / 2) * (one.bowlWidthMm / 2) * one.bowlDepthMm) / 2 + handleMm3(one),
  disc: ({ diameterMm: d, thickMm: t }) => (Math.PI / 4) * d ** 2 * t,
  tray: (one) => one.lengthMm * one.widthMm * one.thickMm - one.recessLengthMm * one.recessWidthMm * one.recessDepthMm,
  ring: ({ outerMm, barMm: d }) => (Math.PI ** 2 / 4) * d ** 2 * (outerMm - d),
  plain: ({ areaMm2 }) => (areaMm2 / 2) * PLAIN_THICK_MM,
};
const woodMm3 = (one: Solid): number => (WOOD[one.shape] as (of: Solid) => number)(one);

/** Wood of one piece, millilitres: what it displaces when all of it is under; of what has no shape yet, that of a bread board. */
export function volumeMl(piece: Geometry): number {
  if (piece.shape === 'parts') return piece.parts.reduce((sum, { count, of }) => sum + count * woodMm3(of), 0) / 1000;
  // A surface so many times as large goes with a volume of its power of three halves.
  if (piece.shape === 'like') return (woodMm3(piece.of) * piece.times ** 1.5) / 1000;
  return piece.shape === 'unknown' ? UNKNOWN_ML : woodMm3(piece) / 1000;
}

/** Wood of a piece nothing is known of, ml. Source: working estimate, a small bread board. */
const UNKNOWN_ML = 1000;

/** How wide each shape stands, mm: a board on edge, a bowl on its foot, a spoon on its side. */
const STANDS: { readonly [S in Solid['shape']]: (of: Of<S>) => number } = {
  board: (one) => one.thickMm,
  disc: (one) => one.thickMm,
  tray: (one) => one.thickMm,
  turned: (one) => 2 * Math.max(...one.outer.map(([r]) => r)),
  'round-box': (one) => one.diameterMm,
  box: (one) => one.widthMm,
  spoon: (one) => one.bowlDepthMm,
  scoop: (one) => one.bowlDepthMm,
  ring: (one) => one.barMm,
  plain: () => PLAIN_THICK_MM,
};
const standsMm = (one: Solid): number => (STANDS[one.shape] as (of: Solid) => number)(one);

/** Shelf one piece takes with air beside it, millimetres; parts lie side by side. */
export function shelfMm(piece: Geometry): number {
  if (piece.shape === 'parts') return piece.parts.reduce((sum, { count, of }) => sum + count * (standsMm(of) + GAP_MM), 0);
  if (piece.shape === 'like') return standsMm(piece.of) * Math.sqrt(piece.times) + GAP_MM;
  return (piece.shape === 'unknown' ? PLAIN_THICK_MM : standsMm(piece)) + GAP_MM;
}

/** How the room of a place is counted. */
export type RoomUnit = 'litres' | 'metres' | 'batches';

/** What some pieces take of a place whose room is counted so. */
export function roomTaken(piece: Geometry, pieces: number, unit: RoomUnit): number {
  if (unit === 'batches') return 1;
  return (pieces * (unit === 'litres' ? volumeMl(piece) : shelfMm(piece))) / 1000;
}
