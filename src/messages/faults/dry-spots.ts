import type { FaultWords } from './words';

export const drySpots: FaultWords = {
  name: 'dry spots',
  advice: 'It drank there. Re-wet those spots and wipe when the rest is wiped.',
};
