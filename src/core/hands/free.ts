import { laysCoat } from '@/core/regimen';
import type { HandAction } from './action';
import { pressOf } from './urgency';

/** Why an act is not recorded without hands: it is judged, it wants a figure, it is too early, or past its window. */
export type NotFree = 'judged' | 'figure' | 'early' | 'past';

/**
 * Whether the next act may be recorded by a knock or a pedal: inside its window, without a verdict, and without a figure that nobody could
 * estimate. Null where it may.
 */
export function notFree(action: HandAction, nowMs: number): NotFree | null {
  if (action.outcome !== null) return 'judged';
  // What was not weighed and cannot be estimated wants its grams.
  if (laysCoat(action) && action.lot !== null && action.estimatedG === null) return 'figure';
  const press = pressOf(action, nowMs);
  return press === 'too-early' ? 'early' : press === 'at-risk' ? 'past' : null;
}
