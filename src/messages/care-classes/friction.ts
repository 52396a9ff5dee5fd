import type { CareClassWords } from './words';

export const friction: CareClassWords = {
  name: 'a friction polish',
  care: 'Wipe it with a damp cloth; a little polish on soft paper brings the shine back.',
};
