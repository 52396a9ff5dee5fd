import type { CautionWords } from './words';

export const mist: CautionWords = {
  head: 'What is sprayed hangs in the air.',
  text: 'A fitted mask against vapour and mist, goggles, extraction, and no flame or spark. Paper and filters wet with a drying oil heat themselves: lay them flat outdoors the same day.',
};
