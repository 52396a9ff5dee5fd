import type { CautionWords } from './words';

export const oldPaint: CautionWords = {
  head: 'An old, unknown finish may hold lead.',
  text: 'Before it is known, no dry sanding, scraping or heat: a heat gun turns lead into fume. Home swabs miss much: ask a laboratory, or treat it as lead. Mask for fine dust, no children near, dust bagged as your place rules.',
};
