import { daysBetween, MS_PER_DAY } from '@/core/quantity';

/** Days a material lasts at the rate it was used; null where it was not used. Source: use of the last weeks goes on. */
export function daysLeft(usedG: number, overDays: number, leftG: number): number | null {
  if (usedG <= 0 || overDays <= 0) return null;
  return leftG / (usedG / overDays);
}

/** A lot this near its best-before is said to be, days. */
export const NEAR_DAYS = 30;
/** What runs out within this many days is said above the shelves. */
export const SOON_DAYS = 75;

/** How a lot stands to its best-before, with the days left; null days where it has no date. */
export type Keeping = { readonly state: 'no-date' | 'keeps' | 'near' | 'past'; readonly days: number | null };
export function keepingOf(bestBefore: string | null, today: string): Keeping {
  if (bestBefore === null) return { state: 'no-date', days: null };
  const days = daysBetween(today, bestBefore);
  return { state: days < 0 ? 'past' : days <= NEAR_DAYS ? 'near' : 'keeps', days };
}

/** What an ingredient is used at and how long what is left of it lasts, soonest first; only what runs out soon. Grams, days, UTC ms. An estimate. */
export type RunsOut = { readonly id: string; readonly days: number; readonly leftG: number; readonly perDay: number };
export function runningOut(
  used: readonly { readonly ingredientId: string; readonly grams: number; readonly firstAt: number }[],
  lots: readonly { readonly ingredientId: string | null; readonly leftG: number; readonly held: unknown }[],
  nowMs: number,
): RunsOut[] {
  return used
    .flatMap(({ ingredientId, grams, firstAt }) => {
      const there = lots.filter((lot) => lot.ingredientId === ingredientId && !lot.held);
      const leftG = there.reduce((sum, lot) => sum + lot.leftG, 0);
      const over = Math.max(LEAST_USE_DAYS, (nowMs - firstAt) / MS_PER_DAY);
      const days = daysLeft(grams, over, leftG);
      return days === null || days > SOON_DAYS ? [] : [{ id: ingredientId, days, leftG, perDay: grams / over }];
    })
    .sort((a, b) => a.days - b.days);
}

/** Weeks back that use is counted over, and the least time it is spread over, days. Working estimates. */
export const USE_WINDOW_DAYS = 60;
export const LEAST_USE_DAYS = 14;
