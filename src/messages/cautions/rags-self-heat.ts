import type { CautionWords } from './words';

export const ragsSelfHeat: CautionWords = {
  head: 'Oily cloths can set themselves alight, within hours, with nobody near.',
  text: 'Lay every cloth, paper, pad, glove and brush flat and single on metal, stone or outdoors, or under water in a lidded metal can. Never in a heap, never in a bin. Sanding dust of oiled wood too: empty the bag outdoors.',
};
