import type { GateWords } from './words';

export const estimate: GateWords = {
  name: 'The estimate says it is fit',
  unmet: 'The estimate is below nine in ten: wait, warm it, or record a check.',
};
