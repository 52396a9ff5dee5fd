import type { CareClassWords } from './words';

export const dryingOilWax: CareClassWords = {
  name: 'a drying oil with wax',
  care: 'When it looks dull, rub in very little oil-wax, and buff it off within the hour.',
};
