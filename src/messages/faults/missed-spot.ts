import type { FaultWords } from './words';

export const missedSpot: FaultWords = { name: 'missed spot', advice: 'Re-wet it now and wipe it with the rest.' };
