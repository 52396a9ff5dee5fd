import { caution } from './caution';
import { is } from './moment';

/** Part dries, part never does: it stays tacky. */
export const tacky = caution({
  at: { weighing: [], coating: [], spraying: [], reading: [] },
  bites: (m) => is(m, 'weighing', 'coating', 'reading') && m.drying === 'mixed',
});
