/** One row of a linear problem: `min ≤ Σ coefficients·x ≤ max`; null leaves a side open. */
export type LinearRow = {
  readonly name: string;
  readonly coefficients: readonly number[];
  readonly min: number | null;
  readonly max: number | null;
};

/** Minimise `Σ costs·x` over `bounds` and rows; `whole` variables take whole numbers only. */
export type LinearProblem = {
  readonly costs: readonly number[];
  readonly bounds: readonly { readonly min: number; readonly max: number | null }[];
  readonly rows: readonly LinearRow[];
  readonly whole?: boolean;
};

/** What a solver found. Duals: what one unit more of a bound would cost; empty for whole-number problems. */
export type LinearAnswer =
  | {
      readonly status: 'optimal';
      readonly x: readonly number[];
      readonly rowDuals: readonly number[];
      readonly boundDuals: readonly number[];
    }
  | { readonly status: 'infeasible' }
  | { readonly status: 'unbounded' };

/** A solver of linear problems, once it is loaded; the core states problems and checks answers, it does not search. */
export type LinearSolver = (problem: LinearProblem) => LinearAnswer;

/** An answer may leave a row or bound by this much. Source: the solver's own feasibility tolerance. */
export const LINEAR_TOLERANCE = 1e-6;

/** Whether an answer keeps every row and bound of its problem. */
export function holds(problem: LinearProblem, x: readonly number[]): boolean {
  const within = (value: number, min: number | null, max: number | null): boolean =>
    (min === null || value >= min - LINEAR_TOLERANCE * Math.max(1, Math.abs(min))) &&
    (max === null || value <= max + LINEAR_TOLERANCE * Math.max(1, Math.abs(max)));
  return (
    problem.bounds.every(({ min, max }, i) => within(x[i] ?? Number.NaN, min, max)) &&
    problem.rows.every(({ coefficients, min, max }) =>
      within(
        coefficients.reduce((sum, c, i) => sum + c * (x[i] ?? 0), 0),
        min,
        max,
      ),
    )
  );
}
