import type { Geometry, Solid } from './schema';
import { shapeOf } from './shapes';
import { PLAIN_THICK_MM } from './shapes/shape';

/** Air left between pieces that stand on edge or lie side by side, mm. Source: working estimate. */
export const GAP_MM = 30;

const woodMm3 = (one: Solid): number => shapeOf(one).woodMm3(one);

/** Wood of one piece, millilitres: what it displaces when all of it is under; of what has no shape yet, that of a bread board. */
export function volumeMl(piece: Geometry): number {
  if (piece.shape === 'parts') return piece.parts.reduce((sum, { count, of }) => sum + count * woodMm3(of), 0) / 1000;
  // A surface so many times as large goes with a volume of its power of three halves.
  if (piece.shape === 'like') return (woodMm3(piece.of) * piece.times ** 1.5) / 1000;
  return piece.shape === 'unknown' ? UNKNOWN_ML : woodMm3(piece) / 1000;
}

/** Wood of a piece nothing is known of, ml. Source: working estimate, a small bread board. */
const UNKNOWN_ML = 1000;

const standsMm = (one: Solid): number => shapeOf(one).standsMm(one);

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
