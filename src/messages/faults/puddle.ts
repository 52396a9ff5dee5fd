import type { FaultWords } from './words';

export const puddle: FaultWords = {
  name: 'puddle',
  advice: 'Wipe it out of grooves and corners before it gums; re-wet it where it has begun to.',
};
