import { check } from '@/core/contract';
import { fail, formatInstant, type Issue, instantOf, ok, type Result } from '@/core/quantity';
import { type AgeClock, ageClock } from './age';
import { CHECK_TRAITS, type CheckKind } from './checks';
import type { CureMode } from './checks/check';
import { CureInput } from './schema';

/** Scale of ln A around the finish's A0. Source: working estimate. */
export const LN_SCALE = 0.35;
/** Degrees of freedom of the prior's tails: heavy, so that checks which all pass can overrule the figure. Source: working estimate. */
export const TAIL_DF = 4;
/** The grid of z: −6 … 6 in this many equal steps. */
export const GRID_POINTS = 1201;
const GRID_SPAN = 6;
/** Belief that it never will be: a coat too thick, an oily wood, a spoiled oil. Source: working estimate. */
export const NEVER = 0.02;
const GRID_Z = Array.from({ length: GRID_POINTS }, (_, i) => -GRID_SPAN + (2 * GRID_SPAN * i) / (GRID_POINTS - 1));
const RAW = GRID_Z.map((z) => (1 + z ** 2 / TAIL_DF) ** (-(TAIL_DF + 1) / 2));
const RAW_SUM = RAW.reduce((sum, weight) => sum + weight, 0);
/** Weights of z, together 1 − NEVER. */
const PRIOR = RAW.map((weight) => ((1 - NEVER) * weight) / RAW_SUM);
/** Variance of z on its grid, where it ever is: what the prior itself holds, tails and cut included. */
export const Z_VARIANCE = GRID_Z.reduce((sum, z, i) => sum + z ** 2 * ((PRIOR[i] as number) / (1 - NEVER)), 0);
/** Standard deviation of ln A under the shipped prior. */
export const LN_SPREAD = LN_SCALE * Math.sqrt(Z_VARIANCE);

export type CheckSeen = { readonly atMs: number; readonly kind: CheckKind; readonly pass: boolean };
export type Cure = {
  readonly ageHours: number;
  readonly pReady: number;
  /** Null where a date cannot be said. */
  readonly readyAt: { readonly p10: string | null; readonly p50: string | null; readonly p90: string | null };
};

/** Of checks of one kind and outcome the latest: the same nose asked again is no second witness. In their order of time. */
export function countingChecks<C extends CheckSeen>(checks: readonly C[]): C[] {
  const sorted = [...checks].sort((a, b) => a.atMs - b.atMs);
  return [...new Map(sorted.map((seen) => [`${seen.kind} ${seen.pass}`, seen])).values()].sort((a, b) => a.atMs - b.atMs);
}

/** The equivalent hours needed, as weights on a grid, the prior bent by each check, with the belief that it never is. All sum to 1. */
export type NeededHours = { readonly hours: readonly number[]; readonly weights: readonly number[]; readonly never: number };

/** Ages this close are the same, hours. */
const AGE_SLACK = 1e-9;

/** A check with the age at which it was made, equivalent hours. */
export type SeenAt = { readonly ageHours: number; readonly kind: CheckKind; readonly pass: boolean };

/** How likely a check comes out as it did, where the finish was ready or was not. */
function likelihood({ kind, pass }: SeenAt, mode: CureMode, isReady: boolean): number {
  const { fp, fn } = CHECK_TRAITS[kind].errs[mode];
  if (pass) return isReady ? 1 - fn : fp;
  return isReady ? fn : 1 - fp;
}

/** The prior around A0 on its grid, each weight times the likelihood of every check. @param scale that of ln A */
export function neededHours(a0Hours: number, checks: readonly SeenAt[], mode: CureMode, scale = LN_SCALE): NeededHours {
  const hours = GRID_Z.map((z) => a0Hours * Math.exp(scale * z));
  const weightOf = (prior: number, isReady: (check: SeenAt) => boolean): number =>
    checks.reduce((weight, check) => weight * likelihood(check, mode, isReady(check)), prior);
  const raw = hours.map((needed, i) => weightOf(PRIOR[i] as number, (check) => needed <= check.ageHours + AGE_SLACK));
  const never = weightOf(NEVER, () => false);
  const sum = raw.reduce((total, weight) => total + weight, never);
  return { hours, weights: raw.map((weight) => weight / sum), never: never / sum };
}

/** P(A ≤ age). */
export function readyShare({ hours, weights }: NeededHours, ageHours: number): number {
  let share = 0;
  for (let i = 0; i < hours.length && (hours[i] as number) <= ageHours + AGE_SLACK; i++) share += weights[i] as number;
  return share;
}

/** The smallest grid hours whose cumulative weight reaches a share; null where too much says never. */
export function quantile({ hours, weights }: NeededHours, share: number): number | null {
  let cumulative = 0;
  for (let i = 0; i < hours.length; i++) {
    cumulative += weights[i] as number;
    if (cumulative >= share) return hours[i] as number;
  }
  return null;
}

/** How many times A0 a finish needs in a share of all cases, before any check was made: from the prior's own grid. */
export const priorFactor = (share: number): number => quantile(neededHours(1, [], 'oxidise'), share) ?? Number.POSITIVE_INFINITY;

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
export function estimate(
  a0Hours: number,
  clock: AgeClock,
  checks: readonly CheckSeen[],
  mode: CureMode,
  scale = LN_SCALE,
): NeededHours {
  return neededHours(
    a0Hours,
    countingChecks(checks).map((seen) => ({ ...seen, ageHours: clock.ageAt(seen.atMs) })),
    mode,
    scale,
  );
}

/**
 * When a finish is fit for use (calc.md, 8): age in equivalent hours, P(ready) now, and the dates at which P reaches 10, 50 and 90 %,
 * null where it may never. An estimate; it releases nothing by itself.
 */
export function cure(input: unknown): Result<Cure> {
  const checked = check(CureInput, input);
  if (!checked.ok) return checked;
  const { startAt, zone, a0Hours, mode, readings, forecast, tests, now } = checked.value;
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
  const clock = ageClock(start.value, climate, forecast, mode, zone);
  const needed = estimate(
    a0Hours,
    clock,
    checks.filter((seen) => seen.atMs <= current.value),
    mode,
  );
  const ageHours = clock.ageAt(current.value);
  const readyAt = (share: number): string | null => {
    const hours = quantile(needed, share);
    const atMs = hours === null ? Number.POSITIVE_INFINITY : clock.timeOf(hours);
    return Number.isFinite(atMs) ? formatInstant(atMs, zone) : null;
  };
  return ok({
    ageHours,
    pReady: readyShare(needed, ageHours),
    readyAt: { p10: readyAt(0.1), p50: readyAt(0.5), p90: readyAt(0.9) },
  });
}
