/** How loud the bench was over a few milliseconds: the largest sample, 0 to 1. */
export type Level = { readonly atMs: number; readonly peak: number };

/** How loud a knock of this hand on this bench is, from the least to the most; hammers are louder, chips that fall are not as loud. */
export type KnockTune = { readonly least: number; readonly most: number };

/** What a hand knocked: twice to record, three times to take back. */
export type Knocked = 'two' | 'three';

/**
 * A knock rises out of the quiet at once, and is gone again. Source: working figures from wood knocked on with a knuckle, ms and factors.
 * `overQuiet`: so many times the quiet around it. `goneMs`, `goneShare`: by then it has fallen to that share. Knocks of one call follow each
 * other within `gapMs`, and a call is over once nothing followed for the longer of them.
 */
export const KNOCK = { overQuiet: 5, goneMs: 110, goneShare: 0.35, gapMs: { least: 130, most: 650 }, quietMs: 400 } as const;
/** Three test knocks tune it: a knock counts from and up to these shares of their middle; they may differ by so much. */
export const TUNE = { knocks: 3, least: 0.4, most: 2.5, spread: 5 } as const;
/** Below this nothing is a knock, whatever the quiet: a microphone's own noise. */
const FLOOR = 0.01;

/** The tuning of three test knocks; null where they are too unlike each other to be one hand's. */
export function tuneOf(peaks: readonly number[]): KnockTune | null {
  const sorted = [...peaks].sort((a, b) => a - b);
  const [low, high, middle] = [sorted[0], sorted.at(-1), sorted[sorted.length >> 1]];
  if (sorted.length < TUNE.knocks || low === undefined || high === undefined || middle === undefined) return null;
  return low <= 0 || high / low > TUNE.spread ? null : { least: TUNE.least * middle, most: TUNE.most * middle };
}

/** Listens to one bench. */
export type KnockReader = {
  /** Takes the next level, in time; gives a single knock once it is sure of it, and a call once it is over. */
  readonly push: (level: Level) => { readonly knock: number | null; readonly call: Knocked | null };
};

type Rising = { readonly atMs: number; peak: number };

/**
 * Reads knocks out of levels. Talk, music and machines last longer than a knock, hammering goes on past three: neither is read.
 * @param tune how loud this hand knocks; null while it is being tuned: any knock counts
 */
export function knockReader(tune: KnockTune | null): KnockReader {
  let quiet = FLOOR;
  let rising: Rising | null = null;
  let knocks: number[] = [];
  let lastMs: number | null = null;
  const settle = (level: Level): number | null => {
    if (!rising || level.atMs - rising.atMs < KNOCK.goneMs) return null;
    const { atMs, peak } = rising;
    rising = null;
    if (level.peak > peak * KNOCK.goneShare) return null;
    if (tune && (peak < tune.least || peak > tune.most)) return null;
    const before = knocks.at(-1);
    // What comes right after a knock is its echo.
    if (before !== undefined && atMs - before < KNOCK.gapMs.least) return null;
    if (before !== undefined && atMs - before > KNOCK.gapMs.most) knocks = [];
    knocks = [...knocks, atMs];
    return peak;
  };
  return {
    push: (level) => {
      const stepMs = lastMs === null ? 0 : Math.max(0, level.atMs - lastMs);
      lastMs = level.atMs;
      const knock = settle(level);
      if (rising) rising.peak = Math.max(rising.peak, level.peak);
      else if (knock === null && level.peak > Math.max(FLOOR, KNOCK.overQuiet * quiet))
        rising = { atMs: level.atMs, peak: level.peak };
      // The quiet follows slowly, and a knock itself does not count as quiet.
      const share = Math.min(1, stepMs / KNOCK.quietMs);
      const counted = rising ? Math.min(level.peak, quiet * 1.5) : level.peak;
      quiet = Math.max(FLOOR / KNOCK.overQuiet, quiet + (counted - quiet) * share);
      const last = knocks.at(-1);
      const isOver = last !== undefined && rising === null && level.atMs - last > KNOCK.gapMs.most;
      if (!isOver) return { knock, call: null };
      const count = knocks.length;
      knocks = [];
      return { knock, call: count === 2 ? 'two' : count === 3 ? 'three' : null };
    },
  };
}
