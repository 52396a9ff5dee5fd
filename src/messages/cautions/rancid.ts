import type { CautionWords } from './words';

export const rancid: CautionWords = {
  head: 'It turns rancid in wood.',
  text: 'A kitchen oil, or one that dries only by halves, smells and sticks after some months. Not for a piece that is to keep.',
};
