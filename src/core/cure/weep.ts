import { MS_PER_HOUR } from '@/core/quantity';

/** What weeps is wiped again this long after the paper took oil or it was wiped last, hours. Source: practice of the trade, once a day. */
export const WIPE_AGAIN_HOURS = 24;

/** How a finish that never dries comes to rest: not looked at yet, clean since, or weeping and to be wiped again by a moment. UTC ms. */
export type Weeping =
  | { readonly state: 'not-looked' }
  | { readonly state: 'clean'; readonly sinceMs: number }
  | { readonly state: 'weeps'; readonly sinceMs: number; readonly wipeByMs: number };

/** From the papers laid on it and the moment it was last wiped; UTC ms. */
export function weepingNow(
  papers: readonly { readonly atMs: number; readonly pass: boolean }[],
  lastWipedMs: number | null,
): Weeping {
  const paper = papers.toSorted((a, b) => a.atMs - b.atMs).at(-1);
  if (!paper) return { state: 'not-looked' };
  if (paper.pass) return { state: 'clean', sinceMs: paper.atMs };
  const from = Math.max(paper.atMs, lastWipedMs ?? 0);
  return { state: 'weeps', sinceMs: paper.atMs, wipeByMs: from + WIPE_AGAIN_HOURS * MS_PER_HOUR };
}
