import { caution } from './caution';
import { is } from './moment';

/** It separates. */
export const separates = caution({
  at: { coating: [], spraying: [], filling: [], labelling: [] },
  bites: (m) => is(m, 'coating', 'filling', 'labelling') && new Set(m.lines.map((one) => one.mixes)).size > 1,
});
