import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import jStat from 'jstat';
import { fail, ok, type Result } from '@/core/quantity';
import { verdictOf } from './trial';

/** How far two scores of the same finish lie apart, grades, as a standard deviation. Source: working estimate; a shop's own trials move it. */
export const SCORE_SD = 0.7;
/** So many trials are made up for each point. */
const RUNS = 2000;

/** A number drawn from a standard normal, by two uniform ones. Source: Box and Muller. */
function normal(random: ReturnType<typeof xoroshiro128plus>): number {
  const uniform = (): number => ((random.next() >>> 0) + 0.5) / 2 ** 32;
  return Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
}

/**
 * The chance that so many boards tell a treatment that is better by `differ` grades from what it is compared with, by the very verdict a trial
 * gives: made-up trials, the same for the same seed.
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
  const df = (boards - 1) * (treatments - 1);
  if (df < 2) return ok(0);
  const random = xoroshiro128plus(seed);
  let told = 0;
  for (let run = 0; run < RUNS; run++) {
    // A difference of two means over boards, and a variance that was estimated with so many degrees of freedom.
    const found = differ + normal(random) * sd * Math.sqrt(2 / boards);
    let squares = 0;
    for (let i = 0; i < df; i++) squares += normal(random) ** 2;
    const se = sd * Math.sqrt(squares / df) * Math.sqrt(2 / boards);
    if (verdictOf(jStat.studentt.cdf(found / se, df), treatments) === 'better') told++;
  }
  return ok(told / RUNS);
}
