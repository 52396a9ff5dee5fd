import type { Geometry, ShapeId, Solid } from '@/core/piece';
import { type Reads, say } from '@/core/quantity';
import { board } from './board';
import { box } from './box';
import { disc } from './disc';
import { plain } from './plain';
import { ring } from './ring';
import { roundBox } from './round-box';
import { scoop } from './scoop';
import { spoon } from './spoon';
import { tray } from './tray';
import { turned } from './turned';
import type { ShapeWords } from './words';

const WORDS: { readonly [S in ShapeId]: ShapeWords<S> } = {
  board,
  disc,
  tray,
  spoon,
  scoop,
  turned,
  box,
  'round-box': roundBox,
  ring,
  plain,
};

/** Each shape, as a maker calls it, in the order they are offered. */
export const SHAPE_WORDS: Readonly<Record<Geometry['shape'], string>> = {
  board: board.name,
  disc: disc.name,
  tray: tray.name,
  spoon: spoon.name,
  scoop: scoop.name,
  turned: turned.name,
  box: box.name,
  'round-box': roundBox.name,
  ring: ring.name,
  parts: 'Of several parts',
  plain: plain.name,
  like: 'About the size of …',
  unknown: 'No shape: the first coat’s grams will tell',
};

const sizeOf = (one: Solid, reads: Reads): string => (WORDS[one.shape] as ShapeWords<ShapeId>).size(one, reads);

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
