import type { GateWords } from './words';

export const check: GateWords = {
  name: 'Checks passed: the latest of each kind, and one that counts within 48 hours',
  unmet:
    'Record a check on the Cure screen: a smell, where oil cures by air or thinner was in it. A water drop alone opens nothing.',
};
