import type { FaultWords } from './words';

export const whiteBloom: FaultWords = {
  name: 'white bloom',
  advice: 'Damp under a resin. One pass with a few drops of spirit in dry, warm air clears most; what stays is sanded off.',
};
