import { daysBetween } from '@/core/quantity';
import { LEAST_INTERVAL_DAYS, MOST_INTERVAL_DAYS } from './care';

/** Re-oilings that count as much as the reckoned interval does. Source: working estimate. */
export const PRIOR_GAPS = 2;
/** An owner's own rhythm moves the interval at most by this factor either way. Source: working cap; looks come first anyway. */
export const MOST_FACTOR = 3;

/** An interval moved by what the shop's washing trials have taught of its finish, whole days, within the usual bounds; null where there is none. */
export const taughtDays = (days: number | null, times = 1): number | null =>
  days === null ? null : Math.min(MOST_INTERVAL_DAYS, Math.max(LEAST_INTERVAL_DAYS, Math.round(days * times)));

/**
 * The interval of one piece from its owner's own re-oilings: `ln I = (κ·ln I0 + Σ ln gap) / (κ + n)`, κ = 2, between a third and three
 * times the reckoned one and never below a week; whole days.
 * @param reckoned days, as from use and washing
 * @param reOiledOn dates of re-oilings, in any order, the day of the sale among them
 */
export function ownInterval(reckoned: number, reOiledOn: readonly string[]): number {
  const sorted = [...new Set(reOiledOn)].sort();
  const gaps = sorted.slice(1).map((date, i) => daysBetween(sorted[i] as string, date));
  if (gaps.length === 0) return reckoned;
  const mean =
    (PRIOR_GAPS * Math.log(reckoned) + gaps.reduce((sum, gap) => sum + Math.log(Math.max(1, gap)), 0)) /
    (PRIOR_GAPS + gaps.length);
  const bounded = Math.min(reckoned * MOST_FACTOR, Math.max(reckoned / MOST_FACTOR, Math.exp(mean)));
  return Math.max(LEAST_INTERVAL_DAYS, Math.round(bounded));
}
