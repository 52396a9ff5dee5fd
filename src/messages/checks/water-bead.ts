import type { CheckWords } from './words';

export const waterBead: CheckWords = {
  name: 'Water drop',
  how: 'Lay a drop on for a minute and lift it.',
  pass: 'beads, no mark',
  fail: 'marks it',
};
