import type { FaultWords } from './words';

export const raisedFibre: FaultWords = { name: 'raised fibre', advice: 'Smooth with 220 along the grain and re-oil.' };
