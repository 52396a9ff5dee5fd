import type { CautionWords } from './words';

export const mouldWater: CautionWords = {
  head: 'With water in it, it goes mouldy within weeks.',
  text: 'Make little, keep it cold, use it within the month, throw it away at the first smell.',
};
