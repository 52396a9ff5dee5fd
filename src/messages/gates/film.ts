import type { GateWords } from './words';

export const film: GateWords = {
  name: 'No film under a knife or in a mouth',
  unmet:
    'A film lies where a knife or a mouth is, or nobody says that none does: ask its maker and note the answer on its label’s sheet, or strip it and choose another regimen.',
};
