import type { FaultWords } from './words';

export const print: FaultWords = {
  name: 'finger or cloth print',
  advice: 'Let it harden, level it, one thin coat; it was touched too soon.',
};
