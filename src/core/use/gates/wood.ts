import { gate } from './gate';
import { food, meets, meetsNoMouth } from './piece';

/** The wood is fit for what it is for. */
export const wood = gate({
  applies: (piece) => food(piece) || (piece.wood.food === 'toxic' && meets(piece, 'hands')),
  met: ({ wood: { food: verdict, keepOff }, use }) =>
    verdict === 'good' || (verdict === 'caution' && !keepOff.some((one) => use.includes(one))),
  maySign: (piece) => {
    if (piece.wood.food === 'toxic') return !food(piece);
    // What a wood is kept off for toys it is kept off for mouths: whichever was hit, neither is signed for.
    return (piece.wood.food === 'caution' && !piece.wood.keepOff.includes('toy')) || meetsNoMouth(piece);
  },
  keepsFoodOff: 'always',
  shows: ['woods'],
});
