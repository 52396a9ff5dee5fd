import { check } from '@/core/contract';
import { fail, formatInstant, instantOf, type Issue, MS_PER_HOUR, ok, type Result } from '@/core/quantity';
import { type AgeClock, ageClock } from './age';
import { type CheckKind, CureInput } from './schema';

/** Spread of ln A around the finish's A0. Source: working estimate. */
export const LN_SPREAD = 0.35;
/** The grid of z: −4 … 4 in this many equal steps. */
export const GRID_POINTS = 801;
const GRID_SPAN = 4;
/** How often a check passes too early (fp) or fails too late (fn). Source: working estimates. */
export const CHECK_ERRORS: Readonly<Record<CheckKind, { readonly fp: number; readonly fn: number }>> = {
  towel: { fp: 0.1, fn: 0.05 },
  smell: { fp: 0.15, fn: 0.1 },
  touch: { fp: 0.2, fn: 0.05 },
  'water-bead': { fp: 0.25, fn: 0.15 },
};
/** Of checks of one kind closer together than this, only the last counts. */
export const REPEAT_HOURS = 12;

export type CheckSeen = { readonly atMs: number; readonly kind: CheckKind; readonly pass: boolean };
export type Cure = {
  readonly ageHours: number;
  readonly pReady: number;
  readonly readyAt: { readonly p10: string; readonly p50: string; readonly p90: string };
};

/** Leaves out a check that is followed within 12 h by another of its kind. */
export function countingChecks(checks: readonly CheckSeen[]): CheckSeen[] {
  const sorted = [...checks].sort((a, b) => a.atMs - b.atMs);
  return sorted.filter(
    (seen, index) =>
      !sorted.slice(index + 1).some((later) => later.kind === seen.kind && later.atMs - seen.atMs <= REPEAT_HOURS * MS_PER_HOUR),
  );
}

/** The equivalent hours needed, as weights on a grid: the prior bent by each check. Weights sum to 1. */
export type Needed = { readonly hours: readonly number[]; readonly weights: readonly number[] };

/** A check with the age at which it was made, equivalent hours. */
export type SeenAt = { readonly ageHours: number; readonly kind: CheckKind; readonly pass: boolean };

export function neededHours(a0Hours: number, checks: readonly SeenAt[], spread = LN_SPREAD): Needed {
  const z = Array.from({ length: GRID_POINTS }, (_, i) => -GRID_SPAN + (2 * GRID_SPAN * i) / (GRID_POINTS - 1));
  const hours = z.map((value) => a0Hours * Math.exp(spread * value));
  const raw = z.map((value, index) =>
    checks.reduce(
      (weight, { ageHours, kind, pass }) => {
        const { fp, fn } = CHECK_ERRORS[kind];
        const isReady = (hours[index] as number) <= ageHours;
        return weight * (pass ? (isReady ? 1 - fn : fp) : isReady ? fn : 1 - fp);
      },
      Math.exp((-value * value) / 2),
    ),
  );
  const sum = raw.reduce((total, weight) => total + weight, 0);
  return { hours, weights: raw.map((weight) => weight / sum) };
}

/** P(A ≤ age). */
export function readyShare({ hours, weights }: Needed, ageHours: number): number {
  let share = 0;
  for (let i = 0; i < hours.length && (hours[i] as number) <= ageHours; i++) share += weights[i] as number;
  return share;
}

/** The smallest grid hours whose cumulative weight reaches a share. */
export function quantile({ hours, weights }: Needed, share: number): number {
  let cumulative = 0;
  for (let i = 0; i < hours.length; i++) {
    cumulative += weights[i] as number;
    if (cumulative >= share) return hours[i] as number;
  }
  return hours.at(-1) as number;
}

type Moment<T> = T & { readonly atMs: number };

/** Reads the moments of a list, gathering every bad time with its path. */
function moments<T extends { readonly at: string }>(
  list: readonly T[],
  zone: string,
  path: string,
  issues: Issue[],
): Moment<T>[] {
  return list.flatMap((item, index) => {
    const at = instantOf(item.at, zone);
    if (at.ok) return [{ ...item, atMs: at.value }];
    issues.push(...at.issues.map((issue) => ({ ...issue, path: `${path}.${index}.at` })));
    return [];
  });
}

/** The estimate over a clock and some checks: what the screens draw the fan from. */
export function estimate(a0Hours: number, clock: AgeClock, checks: readonly CheckSeen[], spread = LN_SPREAD): Needed {
  return neededHours(
    a0Hours,
    countingChecks(checks).map((seen) => ({ ...seen, ageHours: clock.ageAt(seen.atMs) })),
    spread,
  );
}

/**
 * When a finish is fit for use (calc.md, 8): age in equivalent hours, P(ready) now, and the dates at which P reaches 10, 50 and 90 %.
 * An estimate; it releases nothing by itself.
 */
export function cure(input: unknown): Result<Cure> {
  const checked = check(CureInput, input);
  if (!checked.ok) return checked;
  const { startAt, zone, a0Hours, readings, forecast, tests, now } = checked.value;
  const start = instantOf(startAt, zone);
  const current = instantOf(now, zone);
  if (!start.ok)
    return fail(start.issues[0]?.code ?? 'bad-time', start.issues[0]?.code === 'unknown-zone' ? 'zone' : 'startAt', {
      text: startAt,
      zone,
    });
  if (!current.ok) return fail('bad-time', 'now', { text: now });
  const issues: Issue[] = [];
  const climate = moments(readings, zone, 'readings', issues);
  const checks = moments(tests, zone, 'tests', issues);
  if (issues.length > 0) return { ok: false, issues };
  const clock = ageClock(start.value, climate, forecast);
  const needed = estimate(a0Hours, clock, checks);
  const ageHours = clock.ageAt(current.value);
  const readyAt = (share: number): string => formatInstant(clock.timeOf(quantile(needed, share)), zone);
  return ok({
    ageHours,
    pReady: readyShare(needed, ageHours),
    readyAt: { p10: readyAt(0.1), p50: readyAt(0.5), p90: readyAt(0.9) },
  });
}
