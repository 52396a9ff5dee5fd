import type { CautionWords } from './words';

export const spatter: CautionWords = {
  head: 'Water in hot oil or wax spits.',
  text: 'No drop of water in the hot pot; face and arms covered. What should hold both is stirred together lukewarm.',
};
