import type { CautionWords } from './words';

export const allergen: CautionWords = {
  head: 'Holds an allergen.',
  text: 'Buyers are told on the slip; keep cloths and baths apart.',
};
