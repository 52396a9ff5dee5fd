import type { Span } from './spans';

/** So many units of a spot taken from one minute until another. */
export type SpotTaken = { readonly from: number; readonly to: number; readonly units: number };

/**
 * Spans in which so many more units fit, ends included: a piece may come at the minute another leaves.
 * @param taken what stands there, in any order
 * @param within the minutes that are looked at
 */
export function roomFor(capacity: number, units: number, taken: readonly SpotTaken[], [first, last]: Span): Span[] {
  if (units > capacity) return [];
  const events: { at: number; n: number }[] = [];
  for (const { from, to, units: n } of taken) {
    if (to <= from || to <= first || from >= last) continue;
    events.push({ at: Math.max(from, first), n });
    if (to < last) events.push({ at: to, n: -n });
  }
  // Who leaves makes room before who comes in the same minute.
  events.sort((a, b) => a.at - b.at || a.n - b.n);
  const room: Span[] = [];
  let used = 0;
  let since: number | null = first;
  for (const { at, n } of events) {
    used += n;
    const fits = used + units <= capacity + 1e-9;
    if (!fits && since !== null) {
      if (at > since) room.push([since, at]);
      since = null;
    } else if (fits && since === null) since = at;
  }
  if (since !== null) room.push([since, last]);
  return room;
}
