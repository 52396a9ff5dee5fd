import { gate } from './gate';
import { cleared, food, isUndeclared, meets, meetsNoMouth } from './piece';

/** All contents are declared, or the supplier states it fit. */
export const declared = gate({
  applies: food,
  met: (piece) => !isUndeclared(piece) || cleared(piece) || (piece.finish.statement.includes('food') && !meets(piece, 'toy')),
  maySign: meetsNoMouth,
  keepsFoodOff: 'unless signed',
  shows: ['declared', 'papers'],
});
