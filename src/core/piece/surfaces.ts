import type { Geometry } from './schema';

/** The surfaces a finish must reach, each looked at on its own (practice.md, 5). */
export const SURFACES = [
  'underside',
  'top',
  'edges',
  'end-grain',
  'groove',
  'hole',
  'engraving',
  'outside',
  'inside',
  'foot',
  'rim',
  'bowl-inside',
  'bowl-outside',
  'handle',
  'lid',
] as const;
export type Surface = (typeof SURFACES)[number];

/** The surfaces of a piece in the order they are coated: what it will lie on first, then what shows. */
export function surfacesOf(piece: Geometry): readonly Surface[] {
  switch (piece.shape) {
    case 'board':
      return [
        'underside',
        'edges',
        'end-grain',
        'top',
        ...(piece.groove ? (['groove'] as const) : []),
        ...(piece.hole ? (['hole'] as const) : []),
        ...(piece.engravedShare ? (['engraving'] as const) : []),
      ];
    case 'turned':
      return ['foot', 'outside', 'inside', 'rim'];
    case 'spoon':
    case 'scoop':
      return ['bowl-outside', 'handle', 'bowl-inside', 'end-grain'];
    case 'box':
      return ['underside', 'outside', 'inside', 'rim', 'end-grain', ...(piece.lid ? (['lid'] as const) : [])];
  }
}
