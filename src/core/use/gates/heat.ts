import { gate } from './gate';
import { meets } from './piece';

/** From this wax equivalent a finish melts under a hot pot. Source: the band of feel from which it is no liquid. */
export const MELTS_FROM_WAX = 0.06;

/** It stands hot food. */
export const heat = gate({
  applies: (piece) => meets(piece, 'hot-food'),
  met: ({ finish: { filmForming, drying, waxEquivalent } }) =>
    filmForming === false && drying !== 'never' && waxEquivalent < MELTS_FROM_WAX,
  // A cup with a film is spoilt by what is drunk from it.
  maySign: (piece) => piece.finish.filmForming === false || !meets(piece, 'mouth'),
  keepsFoodOff: 'never',
  shows: ['drying'],
});
