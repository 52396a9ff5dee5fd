import { caution } from './caution';
import { DUSTY, is } from './moment';

/** Holds metal driers. */
export const driers = caution({
  at: {
    weighing: [],
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
    releasing: [],
  },
  bites: (m) =>
    is(m, 'weighing', 'filling', 'coating', 'wiping', 'buffing', 'leaching', ...DUSTY, 'reading', 'labelling', 'releasing') &&
    m.lines.some((one) => one.metallicDrier),
});
