import type { FaultWords } from './words';

export const knot: FaultWords = {
  name: 'knot',
  advice: 'If it is tight it may stay: it drinks little. A loose one comes out with use; let the piece leave.',
};
