/** A span of whole minutes, both ends included. */
export type Span = readonly [from: number, to: number];

/** Spans in order, overlapping and touching ones made one. */
export function union(spans: readonly Span[]): Span[] {
  const merged: [number, number][] = [];
  for (const [from, to] of [...spans].sort((a, b) => a[0] - b[0])) {
    const before = merged.at(-1);
    if (before && from <= before[1]) before[1] = Math.max(before[1], to);
    else merged.push([from, to]);
  }
  return merged;
}

/** What two lists of spans, each in order, have in common. */
export function intersect(first: readonly Span[], second: readonly Span[]): Span[] {
  const common: Span[] = [];
  for (let i = 0, j = 0; i < first.length && j < second.length; ) {
    const [a, b] = [first[i] as Span, second[j] as Span];
    const [from, to] = [Math.max(a[0], b[0]), Math.min(a[1], b[1])];
    if (from <= to) common.push([from, to]);
    if (a[1] < b[1]) i++;
    else j++;
  }
  return common;
}

/** Every minute reached from some spans after a wait of `least` to `most` minutes. */
export const shift = (spans: readonly Span[], least: number, most: number): Span[] =>
  union(spans.map(([from, to]) => [from + least, to + most]));
