import jStat from 'jstat';
import { check } from '@/core/contract';
import { fail, ok, type Result } from '@/core/quantity';
import { TrialInput } from './schema';

export const TRIAL_VERDICTS = ['reference', 'too-few', 'better', 'worse', 'no-difference-shown'] as const;
export type TrialVerdict = (typeof TRIAL_VERDICTS)[number];

/** What a trial says of one treatment; low, high and probBetter are null for what is compared against, and where boards are too few. */
export type TreatmentAnswer = {
  readonly id: string;
  readonly mean: number;
  readonly difference: number;
  readonly low: number | null;
  readonly high: number | null;
  readonly probBetter: number | null;
  readonly verdict: TrialVerdict;
  readonly wearPerCycle: number | null;
  /** Cycles until it is at the threshold; null where it never gets there. Missing where none was asked for. */
  readonly cyclesTo?: number | null;
  /** At the threshold or beyond it before any wear. Missing where none was asked for. */
  readonly wornAtFirst?: boolean;
};
export type TrialAnswer = {
  readonly atCycle: number;
  readonly blocks: number;
  readonly df: number;
  readonly against: string;
  readonly treatments: readonly TreatmentAnswer[];
};

/** The span that is given holds the truth with this chance. Source: calc.md, 18. */
const SPAN = 0.8;
/** In so many trials without any difference at most is something called, shared among all that are compared. Source: calc.md, 18. */
const WRONG_AT_MOST = 0.1;
/** Means and differences this close are the same. */
const ALIKE = 1e-9;
/** Fewer degrees of freedom than this say nothing. */
export const LEAST_DF = 2;

const meanOf = (values: readonly number[]): number => values.reduce((sum, one) => sum + one, 0) / values.length;

type Score = TrialInput['scores'][number];
type Cell = (block: string, treatment: string, cycle: number) => number | undefined;

const keyOf = (block: string, treatment: string, cycle: number): string => JSON.stringify([block, treatment, cycle]);

/** Values by board, treatment and cycle. */
function cellsOf(scores: readonly Score[]): Cell {
  const cells = new Map(scores.map(({ block, treatment, cycle, value }) => [keyOf(block, treatment, cycle), value]));
  return (block, treatment, cycle) => cells.get(keyOf(block, treatment, cycle));
}

/** What randomised blocks say: the mean of each treatment, the standard error of a difference, its degrees of freedom. */
type Blocks = { readonly means: readonly number[]; readonly se: number; readonly df: number };

/**
 * `s² = Σ(y_bt − ȳ_t − ȳ_b + ȳ)²/((B−1)(N−1))`, at least `step²/12` where values are grades: agreement to the grade is no certainty;
 * `se = √(2s²/B)`.
 * @param table a row a board, a column a treatment
 */
export function blocksOf(table: readonly (readonly number[])[], step = 0): Blocks {
  const [B, N] = [table.length, table[0]?.length ?? 0];
  const means = Array.from({ length: N }, (_, t) => meanOf(table.map((row) => row[t] as number)));
  const grand = meanOf(means);
  const df = (B - 1) * (N - 1);
  let residual = 0;
  for (const row of table) {
    const ofBlock = meanOf(row);
    row.forEach((value, t) => {
      residual += (value - (means[t] as number) - ofBlock + grand) ** 2;
    });
  }
  const se = df > 0 ? Math.sqrt((2 * Math.max(residual / df, step ** 2 / 12)) / B) : 0;
  return { means, se: se < ALIKE ? 0 : se, df };
}

/** The best of some means, the first of those alike. @param sign 1 where more is better, −1 where less is */
export const bestOf = (means: readonly number[], sign: number): number =>
  means.reduce((best, mean, i) => (sign * (mean - (means[best] as number)) > ALIKE ? i : best), 0);

/**
 * Whether one treatment is better than another, and how fast each wears (calc.md, 18): randomised blocks at the last cycle at which every board
 * has every treatment; Student's t over the residual.
 */
export function trial(input: unknown): Result<TrialAnswer> {
  const checked = check(TrialInput, input);
  if (!checked.ok) return checked;
  const { treatments, control, kind, better, threshold, step } = checked.value;
  if (new Set(treatments).size !== treatments.length) return fail('invalid', 'treatments', { detail: 'each treatment once' });
  if (control !== undefined && !treatments.includes(control)) return fail('not-found', 'control');
  const scores = checked.value.scores.filter((one) => one.kind === kind);
  const unlisted = checked.value.scores.findIndex((one) => one.kind === kind && !treatments.includes(one.treatment));
  if (unlisted >= 0) return fail('not-found', `scores.${unlisted}.treatment`);
  if (new Set(scores.map((one) => keyOf(one.block, one.treatment, one.cycle))).size !== scores.length)
    return fail('invalid', 'scores', { detail: 'each board, treatment and cycle once' });
  const blocks = [...new Set(scores.map((one) => one.block))];
  const cell = cellsOf(scores);
  const cycles = [...new Set(scores.map((one) => one.cycle))].sort((a, b) => a - b);
  const complete = cycles.filter((cycle) =>
    blocks.every((block) => treatments.every((treatment) => cell(block, treatment, cycle) !== undefined)),
  );
  const atCycle = complete.at(-1);
  const firstCycle = complete[0];
  if (atCycle === undefined || firstCycle === undefined) return fail('no-complete-cycle', 'scores');
  const [B, N] = [blocks.length, treatments.length];
  const table = blocks.map((block) => treatments.map((treatment) => cell(block, treatment, atCycle) ?? Number.NaN));
  const { means, se, df } = blocksOf(table, step);
  const mean = (treatment: string): number => means[treatments.indexOf(treatment)] ?? Number.NaN;
  const sign = better === 'high' ? 1 : -1;
  const against = control ?? (treatments[bestOf(means, sign)] as string);
  const wears = (id: string): number | null => wearOf(id, scores, cell, firstCycle);
  return ok({
    atCycle,
    blocks: B,
    df,
    against,
    treatments: treatments.map((id): TreatmentAnswer => {
      const slope = wears(id);
      const atFirst = meanOf(blocks.map((block) => cell(block, id, firstCycle) ?? Number.NaN));
      const base = { id, mean: mean(id), difference: id === against ? 0 : mean(id) - mean(against) };
      const wear = {
        wearPerCycle: slope,
        ...(threshold === undefined
          ? {}
          : {
              cyclesTo: cyclesTo(threshold, atFirst, slope, firstCycle),
              wornAtFirst: sign * (atFirst - threshold) <= ALIKE,
            }),
      };
      const unsaid = { low: null, high: null, probBetter: null };
      if (id === against) return { ...base, ...unsaid, verdict: 'reference', ...wear };
      if (df < LEAST_DF) return { ...base, ...unsaid, verdict: 'too-few', ...wear };
      const reach = jStat.studentt.inv((1 + SPAN) / 2, df) * se;
      const probBetter = chance(sign * base.difference, se, df);
      return {
        ...base,
        low: base.difference - reach,
        high: base.difference + reach,
        probBetter,
        verdict: verdictOf(probBetter, N, control !== undefined),
        ...wear,
      };
    }),
  });
}

/** The chance that a difference is above zero. */
export const chance = (difference: number, se: number, df: number): number => {
  if (se > 0) return jStat.studentt.cdf(Math.abs(difference) < ALIKE ? 0 : difference / se, df);
  return Math.abs(difference) < ALIKE ? 0.5 : difference > 0 ? 1 : 0;
};

/**
 * What a chance to be better says, where so many treatments are compared: many do not find a winner by luck, and the best of them is the
 * luckiest of all.
 * @param isNamed it is compared with a control that was named, else with the best
 */
export function verdictOf(probBetter: number, treatments: number, isNamed: boolean): TrialVerdict {
  const wrong = WRONG_AT_MOST / (isNamed ? 2 * (treatments - 1) : treatments * (treatments - 1));
  return probBetter >= 1 - wrong ? 'better' : probBetter <= wrong ? 'worse' : 'no-difference-shown';
}

/** The slope through the origin of what changed since the first complete cycle, over cycles since; null where nothing came after it. */
function wearOf(id: string, scores: readonly Score[], cell: Cell, first: number): number | null {
  let [xy, xx] = [0, 0];
  for (const { block, treatment, cycle } of scores) {
    if (treatment !== id || cycle <= first) continue;
    const start = cell(block, id, first);
    const value = cell(block, id, cycle);
    if (start === undefined || value === undefined) continue;
    xy += (cycle - first) * (value - start);
    xx += (cycle - first) ** 2;
  }
  return xx > 0 ? xy / xx : null;
}

function cyclesTo(threshold: number, atFirst: number, slope: number | null, first: number): number | null {
  if (slope === null || slope === 0) return null;
  const at = first + (threshold - atFirst) / slope;
  return at > first ? at : null;
}
