import type { CareClassWords } from './words';

export const oilWax: CareClassWords = {
  name: 'a wax, or oil and wax, that never dries',
  care: 'When it looks dull, rub in a little oil-wax paste, leave it half an hour, wipe and buff.',
};
