import type { CareClassWords } from './words';

export const hardWax: CareClassWords = {
  name: 'a hard-wax oil',
  care: 'Look at it in a low light; where it is worn, work in a very little hard-wax oil and buff it off.',
};
