import type { CautionWords } from './words';

export const gasInTin: CautionWords = {
  head: 'With water or alcohol it makes gas: a closed tin bursts.',
  text: 'Mix it for the hour, with nothing damp, and never close a mixed tin. What is left sets open, on metal, outdoors.',
};
