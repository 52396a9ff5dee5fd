import type { CautionWords } from './words';

export const sensitisingDust: CautionWords = {
  head: 'The dust of this wood makes many allergic.',
  text: 'Mask, sleeves and extraction even for a short while; stop at the first itch or wheeze.',
};
