import type { GateWords } from './words';

export const contact: GateWords = { name: 'Every ingredient may meet food', unmet: 'An ingredient is not for where food lies.' };
