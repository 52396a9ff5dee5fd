import type { CautionWords } from './words';

export const neverHeat: CautionWords = {
  head: 'Never heat this.',
  text: 'Solvent, alcohol and resin give off vapour that catches fire, and what is not declared may hold them. No pot, no warm cabinet, no lamp or heater near.',
};
