import { caution } from './caution';
import { has, is } from './moment';

/** Water in hot oil or wax spits. */
export const spatter = caution({
  at: { heating: [] },
  bites: (m) => is(m, 'heating') && has(m, 'water') && m.lines.some((one) => one.mixes !== 'water'),
});
