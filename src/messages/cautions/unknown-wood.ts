import type { CautionWords } from './words';

export const unknownWood: CautionWords = {
  head: 'Nobody knows this wood: treat its dust as poisonous.',
  text: 'Fitted mask, sleeves and extraction; stop at the first itch or wheeze; burn none of it.',
};
