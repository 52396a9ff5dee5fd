import { check } from '@/core/contract';
import { fail, ok, type Result } from '@/core/quantity';
import { RoundsInput, type Wait } from './schema';

/** Rounds of a coat: pieces of each, and the wait and hands of the largest; minutes. */
export type Rounds = {
  readonly rounds: number;
  readonly pieces: readonly number[];
  readonly wait: Wait;
  readonly coatMin: number;
  readonly wipeMin: number;
};

/**
 * A dwell is each piece's, not the batch's (calc.md, 12): the fewest rounds whose largest keeps first and last piece inside the dwell.
 * `lo = max(0, min − setup − (m−1)·min(c,w))`, `hi = max − setup − (m−1)·max(c,w)`
 * @returns an issue when even one piece cannot be wiped in time
 */
export function rounds(input: unknown): Result<Rounds> {
  const checked = check(RoundsInput, input);
  if (!checked.ok) return checked;
  const { pieces, coat, wipe, dwell } = checked.value;
  const [quick, slow] = [Math.min(coat.perPieceMin, wipe.perPieceMin), Math.max(coat.perPieceMin, wipe.perPieceMin)];
  const most = dwell.max ?? Number.POSITIVE_INFINITY;
  for (let k = 1; k <= pieces; k++) {
    const m = Math.ceil(pieces / k);
    const low = Math.max(0, dwell.min - wipe.setupMin - (m - 1) * quick);
    const high = most - wipe.setupMin - (m - 1) * slow;
    if (high < low) continue;
    const ideal = Math.min(Math.max(dwell.ideal - wipe.setupMin - (m - 1) * slow, low), high);
    const larger = pieces % k;
    const sizes = Array.from({ length: k }, (_, i) => Math.floor(pieces / k) + (i < larger ? 1 : 0));
    return ok({
      rounds: k,
      pieces: sizes,
      wait: { min: low, ideal, max: dwell.max === null ? null : high },
      coatMin: coat.setupMin + m * coat.perPieceMin,
      wipeMin: wipe.setupMin + m * wipe.perPieceMin,
    });
  }
  return fail('dwell-shorter-than-setup', 'dwell.max', { max: most, setup: wipe.setupMin });
}
