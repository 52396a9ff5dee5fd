import { caution } from './caution';
import { has, is } from './moment';

/** With water or alcohol it makes gas: a closed tin bursts. */
export const gasInTin = caution({
  at: { weighing: [], filling: [], reading: [], labelling: [] },
  // Damp in the tin or in the wood is enough: it need not stand beside water.
  bites: (m) => is(m, 'weighing', 'filling', 'reading', 'labelling') && has(m, 'isocyanate-hardener'),
});
