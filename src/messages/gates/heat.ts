import type { GateWords } from './words';

export const heat: GateWords = { name: 'Stands hot food', unmet: 'It softens, washes out or marks under hot food.' };
