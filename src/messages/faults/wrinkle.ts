import type { FaultWords } from './words';

export const wrinkle: FaultWords = {
  name: 'wrinkle',
  advice: 'It was laid on too thick: no coat mends it. Sand that face off and begin it anew.',
};
