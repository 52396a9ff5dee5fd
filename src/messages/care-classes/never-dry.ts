import type { CareClassWords } from './words';

export const neverDry: CareClassWords = {
  name: 'an oil that never dries',
  care: 'Oil it when it looks dull: flood it, leave it half an hour, wipe it dry.',
};
