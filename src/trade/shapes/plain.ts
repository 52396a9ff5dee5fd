import type { SolidOf } from '@/core/piece';
import * as board from './board';
import type { Drawn } from './paths';
import type { Where } from './picture';

/** A block of which only its surface is known. */
export const small = ({ areaMm2 }: SolidOf<'plain'>): Drawn => {
  const side = Math.sqrt(areaMm2 / 2);
  return board.small({ shape: 'board', lengthMm: side * 1.25, widthMm: side * 0.8, thickMm: side * 0.2, grain: 'long' });
};

/** Where each surface's number stands in its drawing, as shares of width and height. */
export const where: Where = { everywhere: [0.5, 0.4] };
