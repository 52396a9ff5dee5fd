import type { FaultWords } from './words';

export const bark: FaultWords = {
  name: 'bark or a check',
  advice: 'Pick out what is loose and fill it before the first coat, or let the piece leave: food lodges there.',
};
