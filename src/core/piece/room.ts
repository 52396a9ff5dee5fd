import type { Geometry } from './schema';

/** Air left between pieces that stand on edge or lie side by side, mm. Source: working estimate. */
export const GAP_MM = 30;

type Point = readonly [number, number];

/** Volume between a turned profile and the axis: `Σ π·h/3·(r1² + r1·r2 + r2²)`, mm³. */
const solid = (profile: readonly Point[]): number =>
  profile.slice(1).reduce((sum, [r2, z2], i) => {
    const [r1, z1] = profile[i] as Point;
    return sum + (Math.PI * Math.abs(z2 - z1) * (r1 * r1 + r1 * r2 + r2 * r2)) / 3;
  }, 0);

/** Wood of one piece, millilitres: what it displaces when all of it is under. */
export function volumeMl(piece: Geometry): number {
  switch (piece.shape) {
    case 'board':
      return (piece.lengthMm * piece.widthMm * piece.thickMm) / 1000;
    case 'turned':
      return Math.max(0, solid(piece.outer) - solid(piece.inner)) / 1000;
    case 'scoop': {
      const [a, b, c, t] = [piece.bowlLengthMm / 2, piece.bowlWidthMm / 2, piece.bowlDepthMm, piece.wallMm];
      const bowl = ((2 / 3) * Math.PI * (a * b * c - (a - t) * (b - t) * (c - t))) / 1000;
      return bowl + (Math.PI * (piece.handleWidthMm / 2) * (piece.handleThickMm / 2) * piece.handleLengthMm) / 1000;
    }
    case 'box': {
      const { lengthMm: l, widthMm: w, heightMm: h, wallMm: t } = piece;
      return (l * w * h - (l - 2 * t) * (w - 2 * t) * (h - t) + (piece.lid ? l * w * t : 0)) / 1000;
    }
    case 'spoon': {
      // Half an ellipsoid skin a sixth of its depth thick, and an elliptical handle. Source: working estimate.
      const bowl = ((2 / 3) * Math.PI * (piece.bowlLengthMm / 2) * (piece.bowlWidthMm / 2) * piece.bowlDepthMm) / 2;
      const handle = Math.PI * (piece.handleWidthMm / 2) * (piece.handleThickMm / 2) * piece.handleLengthMm;
      return (bowl + handle) / 1000;
    }
  }
}

/** Shelf one piece takes with air beside it, millimetres: a board on edge, a bowl on its foot, a spoon on its side. */
export function shelfMm(piece: Geometry): number {
  const width =
    piece.shape === 'board'
      ? piece.thickMm
      : piece.shape === 'turned'
        ? 2 * Math.max(...piece.outer.map(([r]) => r))
        : piece.shape === 'box'
          ? piece.widthMm
          : piece.bowlDepthMm;
  return width + GAP_MM;
}

/** How the room of a place is counted. */
export type RoomUnit = 'litres' | 'metres' | 'batches';

/** What some pieces take of a place whose room is counted so. */
export function roomTaken(piece: Geometry, pieces: number, unit: RoomUnit): number {
  if (unit === 'batches') return 1;
  return (pieces * (unit === 'litres' ? volumeMl(piece) : shelfMm(piece))) / 1000;
}
