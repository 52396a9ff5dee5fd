import type { CautionWords } from './words';

export const limeDust: CautionWords = {
  head: 'Lime burns eyes, skin and lungs, dry and wet.',
  text: 'Mask while it is dust; goggles and gloves when it is wet too. Splashes: rinse for 15 minutes, then a doctor. Mixed, it keeps a day or two in the cold, labelled, out of children’s reach.',
};
