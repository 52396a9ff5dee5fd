import { caution } from './caution';
import { is, stands } from './moment';

/** At the lathe: paper, never cloth. */
export const lathe = caution({
  at: { turning: [], coating: ['place'], spraying: ['place'], wiping: ['place'], buffing: ['place'], sanding: ['place'] },
  bites: (m) => is(m, 'turning') || (is(m, 'coating', 'wiping', 'buffing', 'sanding') && stands(m, 'lathe')),
});
