import { caution } from './caution';
import { DUSTY, is } from './moment';

/** The dust of this wood makes many allergic. */
export const sensitisingDust = caution({
  at: { sanding: ['woodSensitises'], turning: ['woodSensitises'] },
  bites: (m) => is(m, ...DUSTY) && m.woodSensitises,
});
