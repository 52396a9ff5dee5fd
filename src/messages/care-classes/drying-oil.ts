import type { CareClassWords } from './words';

export const dryingOil: CareClassWords = {
  name: 'a drying oil',
  care: 'When it looks dull, rub on a very thin coat of the same drying oil, wipe it all off after ten minutes.',
};
