import { gate } from './gate';
import { cleared, isUndeclared, meets } from './piece';

/** Words that are no tree nut, struck out before one is looked for; butternut and nutmeg are caught, on the safe side. */
const NO_NUT = /coconut|tung nut/gi;
const NUT = /nut|almond|pecan|pistachio|cashew|macadamia|filbert/i;
/** Whether an allergen, in free words, is a nut. */
export const isNut = (allergen: string): boolean => NUT.test(allergen.replace(NO_NUT, ''));

/** No nut is in a toy. */
export const nut = gate({
  applies: (piece) => meets(piece, 'toy'),
  met: (piece) => !piece.finish.allergens.some(isNut) && (!isUndeclared(piece) || cleared(piece)),
  maySign: () => false,
  keepsFoodOff: 'never',
  shows: ['allergens'],
});
