import { MS_PER_HOUR } from '@/core/quantity';
import { cureRate } from './rate';
import type { Climate, CureMode } from './schema';

export type TimedClimate = Climate & { readonly atMs: number };

/** One stretch of constant rate, from a moment on. */
type Stretch = { readonly fromMs: number; readonly rate: number; readonly ageHours: number };

/** Equivalent hours since a start, and when an age is reached. */
export type AgeClock = { readonly ageAt: (ms: number) => number; readonly timeOf: (ageHours: number) => number };

/**
 * `a(t) = ∫k dt` over readings: each holds until the next, the first also before itself, the forecast after the last.
 * @param readings in any order; of two at one moment the later in the list counts
 */
export function ageClock(
  startMs: number,
  readings: readonly TimedClimate[],
  forecast: Climate,
  mode: CureMode = 'oxidise',
): AgeClock {
  const sorted = [...readings].sort((a, b) => a.atMs - b.atMs);
  const first = sorted[0];
  const changes = [
    ...(first ? [{ atMs: Math.min(startMs, first.atMs), climate: first as Climate }] : []),
    ...sorted.slice(0, -1).map((reading) => ({ atMs: reading.atMs, climate: reading as Climate })),
    { atMs: sorted.at(-1)?.atMs ?? startMs, climate: forecast },
  ];
  const stretches: Stretch[] = [];
  for (const { atMs, climate } of changes) {
    const fromMs = Math.max(startMs, atMs);
    const before = stretches.at(-1);
    const ageHours = before ? before.ageHours + (before.rate * (fromMs - before.fromMs)) / MS_PER_HOUR : 0;
    if (before && before.fromMs === fromMs) stretches.pop();
    stretches.push({ fromMs, rate: cureRate(climate, mode), ageHours });
  }
  /** The last stretch that begins at or before a value of one of its rising fields. */
  const last = (of: (stretch: Stretch) => number, value: number): Stretch => {
    let [low, high] = [0, stretches.length - 1];
    while (low < high) {
      const middle = Math.ceil((low + high) / 2);
      if (of(stretches[middle] as Stretch) <= value) low = middle;
      else high = middle - 1;
    }
    return stretches[low] as Stretch;
  };
  return {
    ageAt: (ms) => {
      const stretch = last((s) => s.fromMs, ms);
      return ms <= startMs ? 0 : stretch.ageHours + (stretch.rate * (ms - stretch.fromMs)) / MS_PER_HOUR;
    },
    timeOf: (ageHours) => {
      const stretch = last((s) => s.ageHours, ageHours);
      return Math.max(startMs, stretch.fromMs + ((ageHours - stretch.ageHours) / stretch.rate) * MS_PER_HOUR);
    },
  };
}
