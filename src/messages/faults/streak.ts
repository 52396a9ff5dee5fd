import type { FaultWords } from './words';

export const streak: FaultWords = {
  name: 'streak',
  advice: 'Re-wet across the whole face and wipe in one go; where it has set, level and recoat.',
};
