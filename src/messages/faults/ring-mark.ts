import type { FaultWords } from './words';

export const ringMark: FaultWords = {
  name: 'ring from a wet or hot foot',
  advice: 'Sand with 220 along the grain over the whole face and re-oil.',
};
