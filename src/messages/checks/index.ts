import type { CheckKind } from '@/core/cure';
import { smell } from './smell';
import { touch } from './touch';
import { towel } from './towel';
import { waterBead } from './water-bead';
import type { CheckWords } from './words';

export const CHECK_WORDS: Readonly<Record<CheckKind, CheckWords>> = {
  towel,
  smell,
  touch,
  'water-bead': waterBead,
};
