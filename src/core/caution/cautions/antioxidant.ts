import { caution } from './caution';
import { has, is } from './moment';

/** Vitamin E keeps an oil from drying. */
export const antioxidant = caution({
  at: { weighing: [], reading: [] },
  bites: (m) => is(m, 'weighing', 'reading') && has(m, 'vitamin-e') && m.lines.some((one) => one.dries !== 'never'),
});
