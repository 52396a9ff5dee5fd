import { caution } from './caution';
import { is, isThinnedWax } from './moment';

/** Solvent never goes into the hot pot. */
export const twoStage = caution({
  at: { heating: [] },
  bites: (m) => is(m, 'heating') && isThinnedWax(m),
});
