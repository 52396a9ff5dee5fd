import type { CautionWords } from './words';

export const separates: CautionWords = {
  head: 'It separates.',
  text: 'Shake or stir it before each use, and again while you work.',
};
