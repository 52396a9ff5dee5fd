import type { WHERES } from '@/core/guide';

/** Where a symptom is met. */
export const GUIDE_WHERE_WORDS: Readonly<Record<(typeof WHERES)[number], string>> = {
  bench: 'On the piece, while it is made',
  tin: 'In the tin and the bottle',
  owner: 'At the owner’s',
};
