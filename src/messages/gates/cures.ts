import type { GateWords } from './words';

export const cures: GateWords = {
  name: 'It sets, and does not stay tacky',
  unmet: 'Part of it dries and part never does: it stays tacky.',
};
