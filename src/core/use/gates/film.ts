import { gate } from './gate';
import { cleared, meets } from './piece';

/** No film lies under a knife or in a mouth. */
export const film = gate({
  applies: (piece) => meets(piece, 'knife', 'mouth', 'toy', 'food-wet', 'hot-food'),
  met: (piece) => piece.finish.filmForming === false || cleared(piece),
  maySign: (piece) => !meets(piece, 'knife'),
  keepsFoodOff: 'never',
  shows: ['film'],
});
