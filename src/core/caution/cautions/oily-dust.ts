import { caution } from './caution';
import { DUSTY, is } from './moment';

/** Dust of oiled wood heats itself like a cloth. */
export const oilyDust = caution({
  at: { sanding: ['oiledBefore', 'restoring'], turning: ['oiledBefore', 'restoring'] },
  bites: (m) => is(m, ...DUSTY) && ((m.oiledBefore && m.heats) || m.restoring),
});
