import type { CautionWords } from './words';

export const driers: CautionWords = {
  head: 'Holds metal driers.',
  text: 'Gloves, also against its dust. Not for what meets food, unless its supplier states in writing that this finish may; never under a knife, in a mouth or on a toy.',
};
