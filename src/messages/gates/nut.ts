import type { GateWords } from './words';

export const nut: GateWords = { name: 'No nut in a toy', unmet: 'It holds tree nut: not for a toy.' };
