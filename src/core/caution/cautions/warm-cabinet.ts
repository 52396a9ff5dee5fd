import { caution } from './caution';
import { is, stands } from './moment';

/** A warm cabinet lights vapour. */
export const warmCabinet = caution({
  at: { coating: ['place'], spraying: ['place'], wiping: ['place'], curing: ['place'] },
  bites: (m) => is(m, 'coating', 'wiping', 'curing') && stands(m, 'warm cabinet'),
});
