import type { GateWords } from './words';

export const declared: GateWords = {
  name: 'All contents declared, or stated fit by the supplier',
  unmet: 'Not all contents are declared. Ask the supplier for a statement and file it with the lot.',
};
