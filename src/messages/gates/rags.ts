import type { GateWords } from './words';

export const rags: GateWords = { name: 'Its cloths are dealt with', unmet: 'Answer the cloths of this batch at the top right.' };
