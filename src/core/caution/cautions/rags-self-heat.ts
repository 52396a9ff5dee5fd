import { caution } from './caution';
import { is, WITH_CLOTHS } from './moment';

/** Oily cloths can set themselves alight, within hours, with nobody near. */
export const ragsSelfHeat = caution({
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
  bites: (m) =>
    (is(m, ...WITH_CLOTHS) && m.heats) || (is(m, 'wiping', 'buffing', 'leaching') && (m.restoring || m.unknownFinish)),
});
