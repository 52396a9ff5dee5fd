import type { CautionWords } from './words';

export const isocyanate: CautionWords = {
  head: 'The hardener can cause asthma for life.',
  text: 'Gloves, sleeves, a fitted mask made for it and strong ventilation; never spray it, never sand it before it is hard. Nobody who reacts to it works with it.',
};
