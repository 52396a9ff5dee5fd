import type { CheckWords } from './words';

export const towel: CheckWords = {
  name: 'Clean paper',
  how: 'Press clean paper on for a minute.',
  pass: 'stays clean',
  fail: 'takes oil',
};
