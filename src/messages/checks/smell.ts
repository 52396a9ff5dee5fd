import type { CheckWords } from './words';

export const smell: CheckWords = {
  name: 'Smell',
  how: 'Smell it close to, inside a lidded box too.',
  pass: 'no smell',
  fail: 'still smells',
};
