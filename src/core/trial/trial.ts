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
/** A treatment is called better when the chance that it is not is this small, shared among all that are compared. Source: calc.md, 18. */
const WRONG_AT_MOST = 0.1;
/** Fewer degrees of freedom than this say nothing. */
const LEAST_DF = 2;

const meanOf = (values: readonly number[]): number => values.reduce((sum, one) => sum + one, 0) / values.length;

type Score = TrialInput['scores'][number];
type Cell = (block: string, treatment: string, cycle: number) => number | undefined;

/** Values by board, treatment and cycle; of two for one cell the later stands. */
function cellsOf(scores: readonly Score[]): Cell {
  const cells = new Map(scores.map(({ block, treatment, cycle, value }) => [JSON.stringify([block, treatment, cycle]), value]));
  return (block, treatment, cycle) => cells.get(JSON.stringify([block, treatment, cycle]));
}

/**
 * Whether one treatment is better than another, and how fast each wears (calc.md, 18): randomised blocks at the last cycle at which every board
 * has every treatment; Student's t over the residual.
 */
export function trial(input: unknown): Result<TrialAnswer> {
  const checked = check(TrialInput, input);
  if (!checked.ok) return checked;
  const { treatments, control, kind, better, threshold } = checked.value;
  if (new Set(treatments).size !== treatments.length) return fail('invalid', 'treatments', { detail: 'each treatment once' });
  if (control !== undefined && !treatments.includes(control)) return fail('not-found', 'control');
  const scores = checked.value.scores.filter((one) => one.kind === kind && treatments.includes(one.treatment));
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
  const y = (block: string, treatment: string): number => cell(block, treatment, atCycle) ?? Number.NaN;
  const means = new Map(treatments.map((one) => [one, meanOf(blocks.map((block) => y(block, one)))]));
  const mean = (treatment: string): number => means.get(treatment) ?? Number.NaN;
  const sign = better === 'high' ? 1 : -1;
  const against = control ?? treatments.reduce((best, one) => (sign * mean(one) > sign * mean(best) ? one : best));
  const df = (B - 1) * (N - 1);
  const grand = meanOf(treatments.map(mean));
  const residual = blocks.reduce((sum, block) => {
    const ofBlock = meanOf(treatments.map((one) => y(block, one)));
    return sum + treatments.reduce((inner, one) => inner + (y(block, one) - mean(one) - ofBlock + grand) ** 2, 0);
  }, 0);
  const se = df > 0 ? Math.sqrt((2 * (residual / df)) / B) : 0;
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
        ...(threshold === undefined ? {} : { cyclesTo: cyclesTo(threshold, atFirst, slope, firstCycle) }),
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
        verdict: verdictOf(probBetter, N),
        ...wear,
      };
    }),
  });
}

/** The chance that a difference is above zero. */
const chance = (difference: number, se: number, df: number): number =>
  se > 0 ? jStat.studentt.cdf(difference / se, df) : difference > 0 ? 1 : difference < 0 ? 0 : 0.5;

/** What a chance to be better says, where so many treatments are compared: many do not find a winner by chance. */
export function verdictOf(probBetter: number, treatments: number): TrialVerdict {
  const wrong = WRONG_AT_MOST / (treatments - 1);
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
