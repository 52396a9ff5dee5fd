import { caution } from './caution';
import { is, WITH_CLOTHS } from './moment';

/** Not all contents are declared. */
export const undeclared = caution({
  at: {
    weighing: [],
    heating: [],
    filling: [],
    coating: [],
    spraying: [],
    wiping: [],
    buffing: [],
    leaching: [],
    reading: [],
    labelling: [],
    releasing: [],
  },
  bites: (m) => is(m, ...WITH_CLOTHS, 'releasing') && m.undeclared,
});
