import type { GateWords } from './words';

export const origin: GateWords = {
  name: 'Known where the wood came from',
  unmet: 'Found or treated wood may hold what nobody knows.',
};
