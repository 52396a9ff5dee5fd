import loader from 'highs';
import type { LinearProblem, LinearSolver } from '@/core/blend';

type Highs = Awaited<ReturnType<typeof loader>>;

const name = (index: number): string => `x${index}`;

const terms = (coefficients: readonly number[]): string =>
  coefficients.flatMap((value, i) => (value === 0 ? [] : [`${value < 0 ? '-' : '+'} ${Math.abs(value)} ${name(i)}`])).join(' ') ||
  `0 ${name(0)}`;

/** A row as the text format says it: an equality, or one inequality for each side that is closed. */
function rowText(index: number, coefficients: readonly number[], min: number | null, max: number | null): string[] {
  if (min !== null && min === max) return [`r${index}: ${terms(coefficients)} = ${min}`];
  return [
    ...(min === null ? [] : [`l${index}: ${terms(coefficients)} >= ${min}`]),
    ...(max === null ? [] : [`u${index}: ${terms(coefficients)} <= ${max}`]),
  ];
}

function textOf({ costs, bounds, rows, whole }: LinearProblem): string {
  return [
    'Minimize',
    ` obj: ${terms(costs)}`,
    'Subject To',
    ...rows.flatMap((row, i) => rowText(i, row.coefficients, row.min, row.max)).map((line) => ` ${line}`),
    'Bounds',
    ...bounds.map(({ min, max }, i) => (max === null ? ` ${name(i)} >= ${min}` : ` ${min} <= ${name(i)} <= ${max}`)),
    ...(whole ? ['General', ` ${costs.map((_, i) => name(i)).join(' ')}`] : []),
    'End',
  ].join('\n');
}

type Row = { readonly Name?: string; readonly Dual?: number };
type Column = { readonly Primal?: number; readonly Dual?: number };

const solverOf =
  (highs: Highs): LinearSolver =>
  (problem) => {
    const solution = highs.solve(textOf(problem), { presolve: problem.whole ? 'on' : 'off', mip_rel_gap: 0 });
    if (solution.Status === 'Unbounded') return { status: 'unbounded' };
    if (solution.Status !== 'Optimal') return { status: 'infeasible' };
    const columns = solution.Columns as Readonly<Record<string, Column>>;
    const duals = new Map((solution.Rows as readonly Row[]).map((row) => [row.Name ?? '', row.Dual ?? 0]));
    const side = (i: number): number => ['r', 'l', 'u'].reduce((sum, kind) => sum + (duals.get(`${kind}${i}`) ?? 0), 0);
    return {
      status: 'optimal',
      x: problem.costs.map((_, i) => columns[name(i)]?.Primal ?? 0),
      rowDuals: problem.rows.map((_, i) => side(i)),
      boundDuals: problem.costs.map((_, i) => columns[name(i)]?.Dual ?? 0),
    };
  };

/** Loads the linear solver; `wasm` says where its machine code lies where the package cannot find it itself. */
export async function loadSolver(wasm?: string): Promise<LinearSolver> {
  return solverOf(await loader(wasm ? { locateFile: () => wasm } : {}));
}
