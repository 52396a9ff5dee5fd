import type { Geometry, Solid } from '@/core/piece';
import type { Reads } from '@/core/quantity';
import { say, saySizes } from '@/core/quantity';

/** Each shape, as a maker calls it. */
export const SHAPE_WORDS: Readonly<Record<Geometry['shape'], string>> = {
  board: 'Board',
  disc: 'Round board',
  tray: 'Tray',
  spoon: 'Spoon or spreader',
  scoop: 'Scoop',
  turned: 'Turned, hollow or solid',
  box: 'Box',
  'round-box': 'Round box',
  ring: 'Ring',
  parts: 'Of several parts',
  plain: 'Only its surface is known',
  like: 'About the size of …',
  unknown: 'No shape: the first coat’s grams will tell',
};

type Of<S extends Solid['shape']> = Extract<Solid, { shape: S }>;

const SIZES: { readonly [S in Solid['shape']]: (of: Of<S>, reads: Reads) => string } = {
  board: (one, reads) => saySizes([one.lengthMm, one.widthMm, one.thickMm], reads),
  disc: (one, reads) => `${say(one.diameterMm, 'mm', reads)} across, ${say(one.thickMm, 'mm', reads)} thick`,
  tray: (one, reads) =>
    `${saySizes([one.lengthMm, one.widthMm, one.thickMm], reads)}, ${say(one.recessDepthMm, 'mm', reads)} deep inside`,
  spoon: (one, reads) => `${say(one.bowlLengthMm + one.handleLengthMm, 'mm', reads)} long`,
  scoop: (one, reads) => `${say(one.bowlLengthMm + one.handleLengthMm, 'mm', reads)} long`,
  turned: ({ outer }, reads) =>
    `${say(2 * Math.max(...outer.map(([r]) => r)), 'mm', reads)} across, ${say((outer.at(-1)?.[1] ?? 0) - (outer[0]?.[1] ?? 0), 'mm', reads)} high`,
  box: (one, reads) => saySizes([one.lengthMm, one.widthMm, one.heightMm], reads),
  'round-box': (one, reads) => `${say(one.diameterMm, 'mm', reads)} across, ${say(one.heightMm, 'mm', reads)} high`,
  ring: (one, reads) => `${say(one.outerMm, 'mm', reads)} across, ${say(one.barMm, 'mm', reads)} thick`,
  plain: (one, reads) => say(one.areaMm2, 'mm²', reads),
};
const sizeOf = (one: Solid, reads: Reads): string => (SIZES[one.shape] as (of: Solid, reads: Reads) => string)(one, reads);

/** How large a piece is, in a few words; nothing where nobody knows. */
export function sizeWords(piece: Geometry, reads: Reads): string {
  if (piece.shape === 'parts') {
    const count = piece.parts.reduce((sum, part) => sum + part.count, 0);
    return `${count} parts`;
  }
  if (piece.shape === 'like')
    return `about ${piece.times === 1 ? '' : `${say(piece.times, 'fraction', reads)} of the surface of `}${sizeOf(piece.of, reads)}`;
  return piece.shape === 'unknown' ? 'its first coat will tell' : sizeOf(piece, reads);
}
