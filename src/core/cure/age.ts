import { addDays, dateOf, daysBetween, MS_PER_DAY, MS_PER_HOUR, wallClock } from '@/core/quantity';
import type { CureMode } from './checks/check';
import { cureRate, MODES, SUN_HOURS, SUN_LASTS_HOURS } from './rate';
import type { Climate } from './schema';

export type TimedClimate = Climate & { readonly atMs: number };

/** One stretch of constant rate, from a moment on. */
type Stretch = { readonly fromMs: number; readonly rate: number; readonly ageHours: number };

/** Equivalent hours since a start, and when an age is reached: UTC ms, infinite where that is not within ten years. */
export type AgeClock = { readonly ageAt: (ms: number) => number; readonly timeOf: (ageHours: number) => number };

/** An age that is not reached so long after the start counts as never reached, ms: ten years of 365.3 days. Source: calc.md, 8. */
export const NEVER_AFTER_MS = 24 * 3653 * MS_PER_HOUR;

/** Whether a moment lies in the hours of real sun, and when that changes next. */
function sunAt(ms: number, zone: string): { readonly isSunny: boolean; readonly untilMs: number } {
  const date = dateOf(ms, zone);
  const rises = wallClock(`${date}T${SUN_HOURS.from}`, zone);
  if (ms < rises) return { isSunny: false, untilMs: rises };
  const sets = wallClock(`${date}T${SUN_HOURS.to}`, zone);
  if (ms < sets) return { isSunny: true, untilMs: sets };
  return { isSunny: false, untilMs: wallClock(`${addDays(date, 1)}T${SUN_HOURS.from}`, zone) };
}

/**
 * `a(t) = ∫k dt` over readings: each holds until the next, the first also before itself, the forecast after the last. In the sun only the
 * hours of real sun count as sun.
 * @param readings in any order; of two at one moment the later in the list counts
 * @param zone IANA, of the place: when the sun stands over it
 */
export function ageClock(
  startMs: number,
  readings: readonly TimedClimate[],
  forecast: Climate,
  mode: CureMode,
  zone: string,
): AgeClock {
  const sorted = [...readings].sort((a, b) => a.atMs - b.atMs);
  const first = sorted[0];
  const changes = [
    ...(first ? [{ atMs: Math.min(startMs, first.atMs), climate: first as Climate }] : []),
    ...sorted.slice(0, -1).map((reading) => ({ atMs: reading.atMs, climate: reading as Climate })),
    { atMs: sorted.at(-1)?.atMs ?? startMs, climate: forecast },
  ];
  const stretches: Stretch[] = [];
  const begin = (atMs: number, climate: Climate): void => {
    const fromMs = Math.max(startMs, atMs);
    const before = stretches.at(-1);
    const ageHours = before ? before.ageHours + (before.rate * (fromMs - before.fromMs)) / MS_PER_HOUR : 0;
    if (before && before.fromMs === fromMs) stretches.pop();
    stretches.push({ fromMs, rate: cureRate(climate, mode), ageHours });
  };
  const isBySun = (climate: Climate): boolean => climate.light === 'sun' && MODES[mode].light;
  /** Begins what holds from a moment on; in the sun only up to the next change of sun, which is given back. */
  const beginInSun = (ms: number, climate: Climate): number => {
    const { isSunny, untilMs } = sunAt(ms, zone);
    begin(ms, isSunny ? climate : { ...climate, light: 'dark' });
    return untilMs;
  };
  /** Goes on to the next sunrise, where the last stretch of the forecast begins. */
  const beginAtSunrise = (): Stretch => {
    for (;;) {
      const stretch = stretches.at(-1) as Stretch;
      const { isSunny, untilMs } = sunAt(stretch.fromMs, zone);
      if (isSunny && wallClock(`${dateOf(stretch.fromMs, zone)}T${SUN_HOURS.from}`, zone) === stretch.fromMs) return stretch;
      beginInSun(untilMs, forecast);
    }
  };
  changes.forEach(({ atMs, climate }, i) => {
    const endMs = changes[i + 1]?.atMs ?? Number.NEGATIVE_INFINITY;
    if (!isBySun(climate)) begin(atMs, climate);
    else for (let ms = beginInSun(Math.max(startMs, atMs), climate); ms < endMs; ) ms = beginInSun(ms, climate);
  });
  // A place in the sun goes on day by day from a sunrise; what comes after it is computed, not listed.
  const endless = isBySun(forecast) ? endlessDays(beginAtSunrise(), forecast, mode, zone) : null;
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
      if (ms <= startMs) return 0;
      if (endless && ms > endless.fromMs) return endless.ageAt(ms);
      const stretch = last((s) => s.fromMs, ms);
      return stretch.ageHours + (stretch.rate * (ms - stretch.fromMs)) / MS_PER_HOUR;
    },
    timeOf: (ageHours) => {
      const stretch = last((s) => s.ageHours, ageHours);
      const left = ageHours - stretch.ageHours;
      const atMs =
        endless && ageHours > endless.ageHours
          ? endless.timeOf(ageHours)
          : stretch.fromMs + (left <= 0 ? 0 : (left / stretch.rate) * MS_PER_HOUR);
      return atMs > startMs + NEVER_AFTER_MS ? Number.POSITIVE_INFINITY : Math.max(startMs, atMs);
    },
  };
}

/** Days and nights of one climate in the sun, from a sunrise on: `a = a₀ + 8·n·k_sun + (h − 8·n)·k_dark` after n days and h hours. */
function endlessDays({ fromMs, ageHours }: Stretch, climate: Climate, mode: CureMode, zone: string) {
  const [sunny, dark] = [cureRate(climate, mode), cureRate({ ...climate, light: 'dark' }, mode)];
  const from = dateOf(fromMs, zone);
  const sunrise = (day: number): number => wallClock(`${addDays(from, day)}T${SUN_HOURS.from}`, zone);
  /** The age so long after a sunrise that many days on. */
  const ageAfter = (days: number, sinceMs: number): number => {
    const [hours, since] = [(sunrise(days) - fromMs) / MS_PER_HOUR, sinceMs / MS_PER_HOUR];
    const light = days * SUN_LASTS_HOURS + Math.min(since, SUN_LASTS_HOURS);
    return ageHours + light * sunny + (hours + since - light) * dark;
  };
  const ageAt = (ms: number): number => {
    const today = daysBetween(from, dateOf(ms, zone));
    const days = ms < sunrise(today) ? today - 1 : today;
    return ageAfter(days, ms - sunrise(days));
  };
  const timeOf = (age: number): number => {
    const daily = SUN_LASTS_HOURS * sunny + (24 - SUN_LASTS_HOURS) * dark;
    if (daily <= 0 || (age - ageHours) / daily > NEVER_AFTER_MS / MS_PER_DAY) return Number.POSITIVE_INFINITY;
    // A change of clocks moves a day by an hour of the dark: the guess is begun a day early.
    let days = Math.max(0, Math.floor((age - ageHours) / daily) - 1);
    while (ageAfter(days + 1, 0) < age) days++;
    const left = age - ageAfter(days, 0);
    const byDay = SUN_LASTS_HOURS * sunny;
    const hours = left <= byDay ? left / sunny : SUN_LASTS_HOURS + (left - byDay) / dark;
    return sunrise(days) + hours * MS_PER_HOUR;
  };
  return { fromMs, ageHours, ageAt, timeOf };
}
