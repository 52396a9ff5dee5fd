import type { GateWords } from './words';

export const wood: GateWords = { name: 'The wood is fit for what it is for', unmet: 'This wood speaks against what it is for.' };
