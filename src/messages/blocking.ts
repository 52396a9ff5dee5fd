import type { Blocking } from '@/core/plan';
import { sayMinutes } from '@/core/quantity';

const span = ({ waitMin = 0, waitMax = 0 }: Blocking): string =>
  waitMin === waitMax ? `exactly ${sayMinutes(waitMax)}` : `${sayMinutes(waitMin)} to ${sayMinutes(waitMax)}`;

const WORDS: Readonly<Record<Blocking['why'], (at: Blocking, name: (id: string) => string) => string>> = {
  'no-opening': () => 'the shop is never open in this time: enter its hours',
  'no-opening-long-enough': (at, name) =>
    `${name(at.stepId)} takes ${sayMinutes(at.handsMin)} of hands, and the longest opening is ${sayMinutes(at.longestMin ?? 0)}`,
  'no-opening-in-window': (at, name) =>
    `${name(at.stepId)} must follow ${name(at.after ?? '')} by ${span(at)}, and no opening with ${sayMinutes(at.handsMin)} of hands fits there`,
  'not-by-then': (at, name) => `${name(at.stepId)} cannot be done by then, however soon it is begun`,
  'past-horizon': (at, name) => `${name(at.stepId)} does not fit within ${at.horizonDays} days: widen the hours or start earlier`,
};

/** Why no plan exists, in a maker's words. */
export const sayBlocking = (blocking: Blocking, name: (id: string) => string = (id) => `“${id}”`): string =>
  WORDS[blocking.why](blocking, name);
