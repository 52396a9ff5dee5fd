import type { FaultWords } from './words';

export const split: FaultWords = { name: 'split', advice: 'Let the piece leave the batch, below under “Pieces”.' };
