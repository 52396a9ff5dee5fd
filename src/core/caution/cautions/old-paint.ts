import { caution } from './caution';
import { DUSTY, is } from './moment';

/** An old, unknown finish may hold lead. */
export const oldPaint = caution({
  // Wherever there is a heater; where none can be, nobody is asked.
  at: {
    weighing: [],
    filling: [],
    reading: [],
    labelling: [],
    releasing: [],
    sanding: ['restoring', 'unknownFinish'],
    turning: ['restoring', 'unknownFinish'],
    wiping: ['restoring', 'unknownFinish'],
    buffing: ['restoring', 'unknownFinish'],
    leaching: ['restoring', 'unknownFinish'],
    heating: ['restoring', 'unknownFinish', 'heater'],
    coating: ['restoring', 'unknownFinish', 'heater'],
    spraying: ['restoring', 'unknownFinish', 'heater'],
    curing: ['restoring', 'unknownFinish', 'heater'],
  },
  bites: (m) => m.restoring && m.unknownFinish && (is(m, ...DUSTY, 'wiping', 'buffing', 'leaching') || m.heater !== null),
});
