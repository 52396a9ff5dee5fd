/** Boards of trials that count as much as the house's own interval does. Source: calc.md, 18; the issue of trials. */
export const PRIOR_BOARDS = 4;
/** A trial moves an interval at most by this factor either way. Source: working cap; looks come first anyway. */
export const MOST_TAUGHT = 3;

/** What one washing trial says of a finish beside one whose interval is known: cycles of each until it must be renewed, and boards. */
export type Washed = { readonly cycles: number; readonly knownCycles: number; readonly boards: number };

export type Taught = {
  /** By what the house's interval is multiplied. */
  readonly factor: number;
  readonly boards: number;
  readonly trials: number;
};

/**
 * What washing trials teach of how often a finish is to be looked at: a weighted mean of logarithms, the house's interval worth four
 * boards: `ln f = Σ b·ln(cycles·I_known/(knownCycles·I_house)) / (4 + Σ b)`.
 * @param intervals days of the finish whose interval is known, and of the one that is taught, both as the house has them
 */
export function taught(washed: readonly (Washed & { readonly knownDays: number; readonly houseDays: number })[]): Taught {
  const sound = washed.filter(
    (one) => one.cycles > 0 && one.knownCycles > 0 && one.boards > 0 && one.knownDays > 0 && one.houseDays > 0,
  );
  const boards = sound.reduce((sum, one) => sum + one.boards, 0);
  const said = sound.reduce(
    (sum, one) => sum + one.boards * Math.log((one.cycles * one.knownDays) / (one.knownCycles * one.houseDays)),
    0,
  );
  const factor = Math.exp(said / (PRIOR_BOARDS + boards));
  return { factor: Math.min(MOST_TAUGHT, Math.max(1 / MOST_TAUGHT, factor)), boards, trials: sound.length };
}
