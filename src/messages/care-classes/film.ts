import type { CareClassWords } from './words';

export const film: CareClassWords = {
  name: 'a film: only looked at',
  care: 'Only look at it: where the film is damaged, send it back. Do not cut on it.',
};
