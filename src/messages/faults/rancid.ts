import type { FaultWords } from './words';

export const rancid: FaultWords = {
  name: 'rancid smell',
  advice: 'Strip it. Hold the lot on its page in Stores: that names every piece it reached.',
};
