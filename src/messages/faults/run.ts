import type { FaultWords } from './words';

export const run: FaultWords = {
  name: 'run',
  advice: 'Leave it alone while it is wet. Let it harden, level it, one thin coat over the face.',
};
