import { caution } from './caution';
import { hotOil, is } from './moment';

/** Hot wax scalds, and catches fire. */
export const hotWax = caution({
  at: { heating: [], filling: [] },
  bites: (m) => (is(m, 'heating', 'filling') && m.wax) || (is(m, 'heating') && hotOil(m)),
});
