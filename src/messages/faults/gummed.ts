import type { FaultWords } from './words';

export const gummed: FaultWords = {
  name: 'gummed surplus',
  advice: 'Re-wet with the same oil, scrub and wipe; past a day a fine pad and solvent-free oil.',
};
