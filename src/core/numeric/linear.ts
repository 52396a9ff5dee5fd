/** A pivot smaller than this, of rows scaled to about one, is none. */
const NO_PIVOT = 1e-12;

/**
 * Solves `a·x = b` by elimination with the largest pivot.
 * @param rows each row of `a` with its `b` as the last number
 * @returns one number a row; null where rows say the same
 */
export function solveLinear(rows: readonly (readonly number[])[]): number[] | null {
  const a = rows.map((row) => [...row]);
  const n = a.length;
  const at = (row: number, column: number): number => a[row]?.[column] ?? 0;
  for (let k = 0; k < n; k++) {
    const pivot = a.reduce((best, _, i) => (i > k && Math.abs(at(i, k)) > Math.abs(at(best, k)) ? i : best), k);
    if (Math.abs(at(pivot, k)) < NO_PIVOT) return null;
    [a[k], a[pivot]] = [a[pivot] as number[], a[k] as number[]];
    for (let i = 0; i < n; i++) {
      if (i === k) continue;
      const by = at(i, k) / at(k, k);
      a[i] = (a[i] ?? []).map((value, j) => value - by * at(k, j));
    }
  }
  return a.map((_, i) => at(i, n) / at(i, i));
}

/** One row of a least-squares fit: its unknowns' factors, what it measured, and how much it counts (1 where nothing is said). */
export type FitRow = { readonly of: readonly number[]; readonly y: number; readonly w?: number };

/**
 * Fits `y = Σ of_i·x_i` by weighted least squares: `(AᵀWA + Λ) x = AᵀWy`.
 * @param rows measured rows, all with the same number of unknowns
 * @param damping added to the diagonal; 0 where nothing is
 * @returns one number for each unknown; null where the rows do not tell them apart
 */
export function leastSquares(rows: readonly FitRow[], damping = 0): number[] | null {
  const unknowns = rows[0]?.of ?? [];
  const sum = (of: (row: FitRow) => number): number => rows.reduce((all, row) => all + (row.w ?? 1) * of(row), 0);
  return solveLinear(
    unknowns.map((_, i) => [
      ...unknowns.map((_, j) => sum(({ of }) => (of[i] ?? 0) * (of[j] ?? 0)) + (i === j ? damping : 0)),
      sum(({ of, y }) => (of[i] ?? 0) * y),
    ]),
  );
}
