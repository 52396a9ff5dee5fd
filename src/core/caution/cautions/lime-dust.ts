import { caution } from './caution';
import { has, is } from './moment';

/** Lime burns eyes, skin and lungs, dry and wet. */
export const limeDust = caution({
  at: { weighing: [], filling: [], coating: [], spraying: [], wiping: [], sanding: [], reading: [], labelling: [] },
  bites: (m) =>
    is(m, 'weighing', 'filling', 'coating', 'wiping', 'sanding', 'reading', 'labelling') && has(m, 'milk-paint-powder'),
});
