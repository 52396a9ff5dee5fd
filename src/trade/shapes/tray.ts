import type { SolidOf } from '@/core/piece';
import * as board from './board';
import { type Drawn, rounded } from './paths';
import type { Where } from './picture';

/** A board with its recess. */
export function small(piece: SolidOf<'tray'>): Drawn {
  const flat = board.small({ ...piece, shape: 'board', grain: 'long' });
  const k = flat.width / piece.lengthMm;
  const [w, h] = [piece.recessLengthMm * k, piece.recessWidthMm * k];
  const [x, y] = [(flat.width - w) / 2, (piece.widthMm * k - h) / 2];
  return {
    ...flat,
    shade: `${flat.shade}${rounded(x, y, w, h, 2)}${rounded(x + 1.5, y + 2.5, Math.max(1, w - 3), Math.max(1, h - 3.5), 1.5)}`,
  };
}

/** Where each surface's number stands in its drawing, as shares of width and height. */
export const where: Where = {
  underside: [0.2, 0.84],
  edges: [0.5, 0.74],
  'end-grain': [0.14, 0.4],
  top: [0.28, 0.14],
  recess: [0.5, 0.4],
};
