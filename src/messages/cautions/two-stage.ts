import type { CautionWords } from './words';

export const twoStage: CautionWords = {
  head: 'Solvent never goes into the hot pot.',
  text: 'Melt the wax in the oil first. Off the heat, away from any flame, wait until the thermometer is below the mark; then stir the solvent in by hand. It will have set soft: that is right.',
};
