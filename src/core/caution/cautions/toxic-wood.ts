import { caution } from './caution';
import { DUSTY, is } from './moment';

/** This wood is poisonous. */
export const toxicWood = caution({
  at: { sanding: ['wood'], turning: ['wood'], releasing: ['wood'] },
  bites: (m) => is(m, ...DUSTY, 'releasing') && m.wood === 'toxic',
});
