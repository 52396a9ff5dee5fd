import type { FaultWords } from './words';

export const dust: FaultWords = {
  name: 'dust in it',
  advice: 'Let it harden, level with a fine pad, one thin coat; sweep and wait before you lay it.',
};
