import type { CautionWords } from './words';

export const toxicWood: CautionWords = {
  head: 'This wood is poisonous.',
  text: 'Not for food, not for toys, not for anything held in a mouth. Mask and gloves; burn none of it.',
};
