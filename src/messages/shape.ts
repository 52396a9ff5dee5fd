import type { Geometry, Solid } from '@/core/piece';
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

const SIZES: { readonly [S in Solid['shape']]: (of: Of<S>) => string } = {
  board: (one) => saySizes([one.lengthMm, one.widthMm, one.thickMm]),
  disc: (one) => `${say(one.diameterMm, 'mm')} across, ${say(one.thickMm, 'mm')} thick`,
  tray: (one) => `${saySizes([one.lengthMm, one.widthMm, one.thickMm])}, ${say(one.recessDepthMm, 'mm')} deep inside`,
  spoon: (one) => `${say(one.bowlLengthMm + one.handleLengthMm, 'mm')} long`,
  scoop: (one) => `${say(one.bowlLengthMm + one.handleLengthMm, 'mm')} long`,
  turned: ({ outer }) =>
    `${say(2 * Math.max(...outer.map(([r]) => r)), 'mm')} across, ${say((outer.at(-1)?.[1] ?? 0) - (outer[0]?.[1] ?? 0), 'mm')} high`,
  box: (one) => saySizes([one.lengthMm, one.widthMm, one.heightMm]),
  'round-box': (one) => `${say(one.diameterMm, 'mm')} across, ${say(one.heightMm, 'mm')} high`,
  ring: (one) => `${say(one.outerMm, 'mm')} across, ${say(one.barMm, 'mm')} thick`,
  plain: (one) => say(one.areaMm2, 'mm²'),
};
const sizeOf = (one: Solid): string => (SIZES[one.shape] as (of: Solid) => string)(one);

/** How large a piece is, in a few words; nothing where nobody knows. */
export function sizeWords(piece: Geometry): string {
  if (piece.shape === 'parts') {
    const count = piece.parts.reduce((sum, part) => sum + part.count, 0);
    return `${count} parts`;
  }
  if (piece.shape === 'like')
    return `about ${piece.times === 1 ? '' : `${say(piece.times, 'fraction')} of the surface of `}${sizeOf(piece.of)}`;
  return piece.shape === 'unknown' ? 'its first coat will tell' : sizeOf(piece);
}
