import type { FaultWords } from './words';

export const cutThrough: FaultWords = { name: 'cut through by scuffing', advice: 'Recoat that face.' };
