import type { FaultWords } from './words';

export const scratch: FaultWords = {
  name: 'scratch',
  advice: 'Sand along the grain with the last grit until it is gone, and re-oil there.',
};
