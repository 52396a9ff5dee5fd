import { caution } from './caution';
import { has, is } from './moment';

/** With water in it, it goes mouldy within weeks. */
export const mouldWater = caution({
  at: { weighing: [], filling: [], labelling: [], reading: [] },
  bites: (m) =>
    is(m, 'weighing', 'filling', 'labelling', 'reading') && has(m, 'water') && m.lines.some((one) => one.mixes !== 'water'),
});
