import type { CautionWords } from './words';

export const warmCabinet: CautionWords = {
  head: 'A warm cabinet lights vapour.',
  text: 'Nothing with solvent within a day of its last coat, no cloths, at most 40 °C (104 °F), and its lamp guarded.',
};
