import { leastSquares, sum } from '@/core/numeric';
import { MS_PER_DAY } from '@/core/quantity';

/** One weighing of a blank while it dries: UTC ms and grams. */
export type DryWeighing = { readonly atMs: number; readonly grams: number };

/** A blank is steady once it loses less than this share of its weight in so many days. Source: working rule of turners. */
export const STEADY = { share: 0.002, days: 3 } as const;
/** Rates of drying that are tried, a day, in even steps of their logarithm. Source: a thin spoon blank to a thick bowl's. */
const RATES = { least: 0.004, most: 1, steps: 120 } as const;
/** A blank that was weighed so often over so many days says when it will be steady. */
const FORETOLD = { weighings: 3, days: 2 } as const;

export type DryByWeight = {
  /** What it loses a day now, as a share of its weight; below 0 where it gains. */
  readonly lossADay: number;
  readonly steady: boolean;
  /** What it comes to rest at, grams, and when it is steady, UTC ms; null where its weighings do not say yet. */
  readonly restsAtG: number | null;
  readonly steadyAtMs: number | null;
  /** Its moisture now, % of its dry mass, if it rests at the equilibrium of the air; null where that is not known. */
  readonly percent: number | null;
};

/** The curve `m∞ + A·e^(−k·t)` through weighings, by least squares for each k of a grid; null where nothing falls. */
function curveOf(
  rows: readonly { readonly t: number; readonly m: number }[],
): { readonly rest: number; readonly k: number; readonly a: number } | null {
  let best: { rest: number; k: number; a: number; error: number } | null = null;
  for (let i = 0; i <= RATES.steps; i++) {
    const k = RATES.least * (RATES.most / RATES.least) ** (i / RATES.steps);
    const e = rows.map(({ t }) => Math.exp(-k * t));
    const [rest, a] = leastSquares(rows.map(({ m }, j) => ({ of: [1, e[j] ?? 0], y: m }))) ?? [0, 0];
    if (rest === undefined || a === undefined) continue;
    const error = sum(rows.map(({ m }, j) => (m - rest - a * (e[j] ?? 0)) ** 2));
    if (a > 0 && rest > 0 && (!best || error < best.error)) best = { rest, k, a, error };
  }
  return best;
}

/**
 * Whether a blank is dry, by the scale: steady once its weight hardly falls any more. What it rests at and when is read off its own curve.
 * @param weighings of one blank, in any order
 * @param emcPercent what the air brings wood to, %; null where it is not known
 * @returns null before there are two weighings a day apart
 */
export function dryByWeight(weighings: readonly DryWeighing[], emcPercent: number | null): DryByWeight | null {
  const sorted = [...weighings].sort((a, b) => a.atMs - b.atMs);
  const last = sorted.at(-1);
  const before = last && sorted.findLast((one) => last.atMs - one.atMs >= MS_PER_DAY);
  if (!last || !before) return null;
  // Over the stretch that steadiness asks for, or as far back as there is.
  const from = sorted.findLast((one) => last.atMs - one.atMs >= STEADY.days * MS_PER_DAY) ?? before;
  const days = (last.atMs - from.atMs) / MS_PER_DAY;
  const lossADay = (from.grams - last.grams) / from.grams / days;
  const steady = days >= STEADY.days && Math.abs(lossADay) * STEADY.days < STEADY.share;
  const first = sorted[0] as DryWeighing;
  const rows = sorted.map((one) => ({ t: (one.atMs - first.atMs) / MS_PER_DAY, m: one.grams }));
  const span = (last.atMs - first.atMs) / MS_PER_DAY;
  const curve = rows.length >= FORETOLD.weighings && span >= FORETOLD.days ? curveOf(rows) : null;
  const restsAtG = steady ? last.grams : (curve?.rest ?? null);
  // m falls by less than the share in so many days once k·A·e^(−kt)·days = share·m∞.
  const steadyAtMs =
    steady || !curve
      ? null
      : first.atMs + (Math.log((curve.k * curve.a * STEADY.days) / (STEADY.share * curve.rest)) / curve.k) * MS_PER_DAY;
  const percent = restsAtG === null || emcPercent === null ? null : (last.grams / restsAtG) * (100 + emcPercent) - 100;
  return { lossADay, steady, restsAtG, steadyAtMs: steadyAtMs === null ? null : Math.max(last.atMs, steadyAtMs), percent };
}
