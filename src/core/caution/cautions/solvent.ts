import { caution } from './caution';
import { is, isThinnedWax, ON_THE_PIECE, vapourInCabinet } from './moment';

/** Its vapour catches fire. */
export const solvent = caution({
  at: {
    weighing: [],
    heating: [],
    filling: [],
    leaching: [],
    coating: ['place'],
    spraying: ['place'],
    wiping: ['place'],
    buffing: ['place'],
    curing: ['place'],
    reading: [],
    labelling: [],
  },
  bites: (m) =>
    (is(m, 'weighing', 'filling', 'leaching', ...ON_THE_PIECE, 'reading', 'labelling') && m.vapour) ||
    (is(m, 'heating') && isThinnedWax(m)) ||
    vapourInCabinet(m),
});
