import { caution } from './caution';
import { DUSTY, is } from './moment';

/** Nobody knows this wood: treat its dust as poisonous. */
export const unknownWood = caution({
  at: { sanding: ['wood'], turning: ['wood'] },
  bites: (m) => is(m, ...DUSTY) && m.wood === 'unknown',
});
