import type { CautionWords } from './words';

export const lathe: CautionWords = {
  head: 'At the lathe: paper, never cloth.',
  text: 'Slow, no loose ends, no rings. Either gloves with the lathe stopped, or bare hands with paper while it turns.',
};
