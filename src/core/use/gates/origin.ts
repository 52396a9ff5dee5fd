import { gate } from './gate';
import { food, meets, meetsNoMouth } from './piece';

/** It is known where the wood came from. */
export const origin = gate({
  applies: (piece) => food(piece) || (piece.wood.origin === 'treated' && meets(piece, 'hands')),
  met: ({ wood: { origin: from } }) => from !== 'found' && from !== 'treated',
  maySign: (piece) => !food(piece) || (piece.wood.origin === 'found' && meetsNoMouth(piece)),
  keepsFoodOff: 'always',
  shows: ['origin'],
});
