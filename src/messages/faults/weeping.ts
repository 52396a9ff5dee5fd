import type { FaultWords } from './words';

export const weeping: FaultWords = { name: 'weeping', advice: 'Wipe daily in the warm until clean paper stays clean.' };
