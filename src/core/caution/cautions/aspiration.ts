import { boughtOfLine } from '@/core/blend';
import { caution } from './caution';
import { ASPIRATION, has, is, isA, thinMineralOil } from './moment';

/** May be deadly if swallowed: it runs into the lungs. */
export const aspiration = caution({
  at: { weighing: [], filling: [], coating: [], spraying: [], wiping: [], reading: [], labelling: [] },
  bites: (m) =>
    (is(m, 'weighing', 'filling', 'coating', 'wiping', 'reading', 'labelling') &&
      m.lines.some((one) => isA(one, ASPIRATION) || (boughtOfLine(one.id) !== null && one.flashC !== null))) ||
    (is(m, 'weighing') && has(m, 'mineral-oil')) ||
    (is(m, 'filling', 'labelling') && (thinMineralOil(m) || (m.undeclared && m.vapour))),
});
