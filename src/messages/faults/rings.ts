import type { FaultWords } from './words';

export const rings: FaultWords = { name: 'rings from buffing too soon', advice: 'Let it harden for a day, then recoat.' };
