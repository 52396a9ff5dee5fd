import type { GateWords } from './words';

export const leastTime: GateWords = {
  name: 'The regimen’s least time has passed',
  unmet: 'It has not rested as long as its regimen asks.',
};
