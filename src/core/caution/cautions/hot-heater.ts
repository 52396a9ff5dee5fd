import { caution } from './caution';
import { byFire, is, ON_THE_PIECE } from './moment';

/** No water bath holds this heat back. */
export const hotHeater = caution({
  at: {
    heating: ['heater'],
    coating: ['heater'],
    spraying: ['heater'],
    wiping: ['heater'],
    buffing: ['heater'],
    curing: ['heater'],
  },
  bites: (m) => is(m, 'heating', ...ON_THE_PIECE) && byFire(m),
});
