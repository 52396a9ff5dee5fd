import { caution } from './caution';
import { has, is } from './moment';

/** The hardener can cause asthma for life. */
export const isocyanate = caution({
  at: {
    weighing: [],
    heating: [],
    filling: [],
    coating: [],
    spraying: [],
    wiping: [],
    buffing: [],
    leaching: [],
    sanding: [],
    turning: [],
    reading: [],
    labelling: [],
    curing: [],
  },
  bites: (m) => !is(m, 'releasing') && has(m, 'isocyanate-hardener'),
});
