import type { CautionWords } from './words';

export const undeclared: CautionWords = {
  head: 'Not all contents are declared.',
  text: 'Take its cloths for ones that set themselves alight and its vapour for one that burns. Ask the supplier for the data sheet; the slip says that contents are not all declared.',
};
