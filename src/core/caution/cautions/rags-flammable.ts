import { caution } from './caution';
import { is, WITH_CLOTHS } from './moment';
import { ragsSelfHeat } from './rags-self-heat';

/** Cloths wet with it burn. */
export const ragsFlammable = caution({
  at: {
    weighing: [],
    heating: [],
    filling: [],
    coating: [],
    spraying: [],
    wiping: ['restoring', 'unknownFinish'],
    buffing: ['restoring', 'unknownFinish'],
    leaching: ['restoring', 'unknownFinish'],
    reading: [],
    labelling: [],
  },
  bites: (m) => is(m, ...WITH_CLOTHS) && m.vapour && !ragsSelfHeat.bites(m),
});
