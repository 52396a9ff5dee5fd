/** Days a material lasts at the rate it was used; null where it was not used. Source: use of the last weeks goes on. */
export function daysLeft(usedG: number, overDays: number, leftG: number): number | null {
  if (usedG <= 0 || overDays <= 0) return null;
  return leftG / (usedG / overDays);
}

/** Weeks back that use is counted over, and the least time it is spread over, days. Working estimates. */
export const USE_WINDOW_DAYS = 60;
export const LEAST_USE_DAYS = 14;
