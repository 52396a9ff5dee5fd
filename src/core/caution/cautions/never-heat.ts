import { caution } from './caution';
import { byFire, is, isA, isThinnedWax, ON_THE_PIECE, vapourInCabinet } from './moment';

/** Never heat this. */
export const neverHeat = caution({
  at: {
    heating: [],
    coating: ['heater', 'place'],
    spraying: ['heater', 'place'],
    wiping: ['heater', 'place'],
    buffing: ['heater', 'place'],
    curing: ['heater', 'place'],
  },
  bites: (m) =>
    (is(m, 'heating') && ((m.neverHeat.some((one) => !isA(one, ['water'])) && !isThinnedWax(m)) || m.undeclared)) ||
    (is(m, ...ON_THE_PIECE) && m.vapour && byFire(m)) ||
    vapourInCabinet(m),
});
