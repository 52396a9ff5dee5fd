import { caution } from './caution';
import { DUSTY, is } from './moment';

/** Wood dust harms lungs; hardwood dust can cause cancer. */
export const dust = caution({
  at: { sanding: [], turning: [] },
  bites: (m) => is(m, ...DUSTY),
});
