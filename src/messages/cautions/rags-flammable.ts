import type { CautionWords } from './words';

export const ragsFlammable: CautionWords = {
  head: 'Cloths wet with it burn.',
  text: 'Dry them outdoors, spread out, away from flame, heater and lamp; never burn them wet.',
};
