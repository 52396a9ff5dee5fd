import type { FaultWords } from './words';

export const damp: FaultWords = { name: 'damp wood', advice: 'Wait; read the moisture again under “Wood”: it gives a date.' };
