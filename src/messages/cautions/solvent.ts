import type { CautionWords } from './words';

export const solvent: CautionWords = {
  head: 'Its vapour catches fire.',
  text: 'Outdoors or with strong ventilation, no flame, spark, heater or lamp. Nitrile gloves. Closed, labelled containers that do not look like drink. Keep from children.',
};
