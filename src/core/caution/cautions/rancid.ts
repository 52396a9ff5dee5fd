import { turnsByItself } from '@/core/blend';
import { caution } from './caution';
import { is } from './moment';

/** It turns rancid in wood. */
export const rancid = caution({
  at: { weighing: [], coating: [], spraying: [], reading: [], labelling: [], releasing: [] },
  bites: (m) => is(m, 'weighing', 'coating', 'reading', 'labelling', 'releasing') && m.lines.some(turnsByItself),
});
