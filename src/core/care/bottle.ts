import { LOOKS } from './care';
import type { CareClass } from './classes';

/** Treatments a piece wants in its first year: the regular looks, and its bedding-in. */
export function treatmentsAYear(finishClass: CareClass, intervalDays: number | null): number {
  if (intervalDays === null) return 0;
  return Math.floor(365 / intervalDays) + LOOKS.bedding(finishClass, intervalDays, 365).length;
}

/** The bottle to give: the smallest that lasts the first year, else the one that lasts longest. Null where none is there. */
export function bestBottle<T extends { readonly treatments: number; readonly left: number }>(
  bottles: readonly T[],
  aYear: number,
): T | null {
  const there = bottles.filter((one) => one.left > 0).sort((a, b) => a.treatments - b.treatments);
  return there.find((one) => one.treatments >= aYear) ?? there.at(-1) ?? null;
}
