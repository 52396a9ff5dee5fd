import type { CautionWords } from './words';

export const tacky: CautionWords = {
  head: 'Part dries, part never does: it stays tacky.',
  text: 'Nine tenths of the oil must dry, or nine tenths must never dry. Never recommended for a piece.',
};
