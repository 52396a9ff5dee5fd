import type { CautionWords } from './words';

export const hotWax: CautionWords = {
  head: 'Hot wax scalds, and catches fire.',
  text: 'Water bath with the vessel off the bottom, a thermometer, no open flame, no rolling boil; never let the bath boil dry, never leave it. Lid or fire blanket at hand, and a class F (K) extinguisher if there is one; never water on burning wax. Mitts. Not the kitchen’s pots.',
};
