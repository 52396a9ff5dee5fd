export const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);

/** The mean; 0 of nothing. */
export const mean = (values: readonly number[]): number => sum(values) / Math.max(values.length, 1);

/** The value in the middle, one of those there are: the upper of two; null of nothing. */
export const middle = (values: readonly number[]): number | null =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? null;

/** The median: half-way between the two in the middle of an even count; null of nothing. */
export function median(values: readonly number[]): number | null {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  const [below, above] = [sorted[half - 1], sorted[half]];
  if (above === undefined) return null;
  return sorted.length % 2 === 1 || below === undefined ? above : (below + above) / 2;
}

/** The mean of what counts unequally; 0 where nothing counts. */
export function weightedMean<T>(rows: readonly T[], weight: (row: T) => number, of: (row: T) => number): number {
  const all = sum(rows.map(weight));
  return all === 0 ? 0 : sum(rows.map((row) => weight(row) * of(row))) / all;
}
