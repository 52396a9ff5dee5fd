import type { CautionWords } from './words';

export const antioxidant: CautionWords = {
  head: 'Vitamin E keeps an oil from drying.',
  text: 'With more than two thousandths of it in what stays, the finish stays tacky. Use an oil without it.',
};
