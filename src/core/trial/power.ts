import { normalFrom, randomFrom } from '@/core/numeric';
import { fail, ok, type Result } from '@/core/quantity';
import { bestOf, blocksOf, chance, LEAST_DF, verdictOf } from './trial';

/** How far two scores of the same finish lie apart, grades, as a standard deviation. Source: working estimate; a shop's own trials move it. */
export const SCORE_SD = 0.7;
/** So many trials are made up for each point: a curve true to two in a hundred, drawn while a form is filled in. */
const RUNS = 600;

/** A score lies somewhere on its scale: so far in it the middle of a board does. */
const MIDDLE = 3;
/** Scores are grades, this far apart. */
const STEP = 1;

/**
 * The chance that so many boards tell that a treatment is better by `differ` grades than each of the others: whole made-up trials, scored
 * in grades, judged by the very verdict a trial gives when nothing was named to compare with; the same for the same seed.
 * @param treatments finishes on each board, its bare field among them
 * @returns 0–1
 */
export function powerOf(
  {
    boards,
    treatments,
    differ,
    sd = SCORE_SD,
  }: { readonly boards: number; readonly treatments: number; readonly differ: number; readonly sd?: number },
  seed = 1,
): Result<number> {
  if (!Number.isInteger(boards) || boards < 2) return fail('too-large', 'boards', { least: 2, most: 40 });
  if (!Number.isInteger(treatments) || treatments < 2) return fail('too-large', 'treatments', { least: 2, most: 40 });
  if (!(sd > 0)) return fail('must-be-positive', 'sd');
  const random = randomFrom(seed);
  let told = 0;
  for (let run = 0; run < RUNS; run++) {
    const table = Array.from({ length: boards }, () => {
      const middle = MIDDLE + random();
      return Array.from({ length: treatments }, (_, t) => Math.round(middle + (t === 0 ? differ : 0) + sd * normalFrom(random)));
    });
    const { means, se, df } = blocksOf(table, STEP);
    if (df < LEAST_DF) return ok(0);
    if (bestOf(means, 1) !== 0) continue;
    const against = chance((means[1] as number) - (means[0] as number), se, df);
    if (verdictOf(against, treatments, false) === 'worse') told++;
  }
  return ok(told / RUNS);
}
