import { firstAt, type Span } from './spans';

/** So many units of a spot taken from one minute until another. */
export type SpotTaken = { readonly from: number; readonly to: number; readonly units: number };

/** How full a spot is over time: from `at[i]` until `at[i + 1]` so many units stand there, before the first none. Minutes in order. */
export type Filled = { readonly at: number[]; readonly units: number[] };

/** The first change at a minute or past it. */
const changeAt = ({ at }: Filled, minute: number): number => firstAt(at.length, (i) => (at[i] as number) >= minute);

/** Sums of fractions of a place differ by less than this where they mean the same. */
const SAME = 1e-9;

function step(filled: Filled, minute: number): number {
  const i = changeAt(filled, minute);
  if (filled.at[i] !== minute) {
    filled.at.splice(i, 0, minute);
    filled.units.splice(i, 0, filled.units[i - 1] ?? 0);
  }
  return i;
}

function change(filled: Filled, { from, to }: SpotTaken, by: number): void {
  if (to <= from) return;
  const first = step(filled, from);
  const last = step(filled, to);
  for (let i = first; i < last; i++) filled.units[i] = (filled.units[i] as number) + by;
  for (const i of [last, first])
    if (Math.abs((filled.units[i] as number) - (filled.units[i - 1] ?? 0)) < SAME) {
      filled.at.splice(i, 1);
      filled.units.splice(i, 1);
    }
}

/** Something comes to stand in a spot. */
export const fillSpots = (filled: Filled, taken: SpotTaken): void => change(filled, taken, taken.units);

/** What stood in a spot stands there no more. */
export const empty = (filled: Filled, taken: SpotTaken): void => change(filled, taken, -taken.units);

/** A spot with some things in it. */
export function filledWith(taken: readonly SpotTaken[]): Filled {
  const filled: Filled = { at: [], units: [] };
  for (const one of taken) fillSpots(filled, one);
  return filled;
}

/**
 * Spans in which so many more units fit, ends included: a piece may come at the minute another leaves.
 * @param within the minutes that are looked at
 */
export function roomFor(capacity: number, units: number, filled: Filled, [first, last]: Span): Span[] {
  if (units > capacity) return [];
  const fits = (used: number): boolean => used + units <= capacity + SAME;
  const room: Span[] = [];
  let i = changeAt(filled, first + 1);
  let since: number | null = fits(filled.units[i - 1] ?? 0) ? first : null;
  for (; i < filled.at.length; i++) {
    const at = filled.at[i] as number;
    if (at >= last) break;
    const free = fits(filled.units[i] as number);
    if (!free && since !== null) {
      if (at > since) room.push([since, at]);
      since = null;
    } else if (free && since === null) since = at;
  }
  if (since !== null) room.push([since, last]);
  return room;
}
