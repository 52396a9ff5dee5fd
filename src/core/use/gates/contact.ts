import { gate } from './gate';
import { cleared, food, isFar, meets, meetsNoMouth, onPaper } from './piece';

/** Every ingredient may meet food. */
export const contact = gate({
  applies: food,
  met: (piece) => !isFar(piece.finish) || cleared(piece) || onPaper(piece),
  maySign: (piece) => meetsNoMouth(piece) && !meets(piece, 'knife'),
  keepsFoodOff: 'always',
  shows: ['contents', 'papers'],
});
