export const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);

/** The mean; 0 of nothing. */
export const mean = (values: readonly number[]): number => sum(values) / Math.max(values.length, 1);

/** The value in the middle, the upper one of two; null of nothing. */
export const median = (values: readonly number[]): number | null =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? null;

/** The mean of what counts unequally; 0 where nothing counts. */
export function weightedMean<T>(rows: readonly T[], weight: (row: T) => number, of: (row: T) => number): number {
  const all = sum(rows.map(weight));
  return all === 0 ? 0 : sum(rows.map((row) => weight(row) * of(row))) / all;
}
