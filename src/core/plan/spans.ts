/** A span of whole minutes, both ends included. */
export type Span = readonly [from: number, to: number];

/** Spans in order, overlapping and touching ones made one. */
export function union(spans: readonly Span[]): Span[] {
  const merged: [number, number][] = [];
  let before: [number, number] | null = null;
  for (const span of inOrder(spans)) {
    if (before && span[0] <= before[1]) {
      if (span[1] > before[1]) before[1] = span[1];
    } else {
      before = [span[0], span[1]];
      merged.push(before);
    }
  }
  return merged;
}

/** The first of so many places, in order, at which something holds that holds from there on; their number where it holds at none. */
export function firstAt(count: number, holds: (at: number) => boolean): number {
  let [low, high] = [0, count];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (holds(middle)) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** Spans by where they begin; most lists are in order already. */
function inOrder(spans: readonly Span[]): readonly Span[] {
  for (let i = 1; i < spans.length; i++)
    if ((spans[i] as Span)[0] < (spans[i - 1] as Span)[0]) return [...spans].sort((a, b) => a[0] - b[0]);
  return spans;
}

/** What two lists of spans, each in order, have in common. */
export function intersect(first: readonly Span[], second: readonly Span[]): Span[] {
  const common: Span[] = [];
  for (let i = 0, j = 0; i < first.length && j < second.length; ) {
    const a = first[i] as Span;
    const b = second[j] as Span;
    const from = Math.max(a[0], b[0]);
    const to = Math.min(a[1], b[1]);
    if (from <= to) common.push([from, to]);
    if (a[1] < b[1]) i++;
    else j++;
  }
  return common;
}

/** Every minute reached from some spans after a wait of `least` to `most` minutes. */
export const shift = (spans: readonly Span[], least: number, most: number): Span[] =>
  union(spans.map(([from, to]) => [from + least, to + most]));
