import type { CautionWords } from './words';

export const oilyDust: CautionWords = {
  head: 'Dust of oiled wood heats itself like a cloth.',
  text: 'Out of the bag and the extractor the same day, outdoors or under water; never left in a heap.',
};
