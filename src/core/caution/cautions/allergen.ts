import { caution } from './caution';
import { is } from './moment';

/** Holds an allergen. */
export const allergen = caution({
  at: { weighing: [], filling: [], coating: [], spraying: [], labelling: [], releasing: [] },
  bites: (m) =>
    is(m, 'weighing', 'filling', 'coating', 'labelling', 'releasing') && m.lines.some((one) => one.allergens.length > 0),
});
