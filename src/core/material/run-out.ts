import { addDays, daysBetween } from '@/core/quantity';

/** Days a material lasts at the rate it was used; null where it was not used. Source: use of the last weeks goes on. */
export function daysLeft(usedG: number, overDays: number, leftG: number): number | null {
  if (usedG <= 0 || overDays <= 0) return null;
  return leftG / (usedG / overDays);
}

/** A lot this near its best-before is said to be, days. */
export const NEAR_DAYS = 30;
/** How a lot stands to its best-before, with the days left; null days where it has no date. */
export type Keeping = { readonly state: 'no-date' | 'keeps' | 'near' | 'past'; readonly days: number | null };
export function keepingOf(bestBefore: string | null, today: string): Keeping {
  if (bestBefore === null) return { state: 'no-date', days: null };
  const days = daysBetween(today, bestBefore);
  return { state: days < 0 ? 'past' : days <= NEAR_DAYS ? 'near' : 'keeps', days };
}

/** Weeks back that use is counted over, and the least time it is spread over, days. Working estimates. */
export const USE_WINDOW_DAYS = 60;
export const LEAST_USE_DAYS = 14;

/** The last day a lot is good for: its date, or sooner where it may be used so many days once it is open. */
export function goodUntil(bestBefore: string | null, openedOn: string | null, useWithinDays: number | null): string | null {
  const opened = openedOn === null || useWithinDays === null ? null : addDays(openedOn, useWithinDays);
  if (bestBefore === null || opened === null) return bestBefore ?? opened;
  return opened < bestBefore ? opened : bestBefore;
}
