import { check } from '@/core/contract';
import { fail, ok, type Result } from '@/core/quantity';
import { holds, type LinearProblem, type LinearSolver } from './linear';
import { ProductsInput } from './schema';

/** How many of each product to make: `worth` is their sum, `usedG` what they take of each stock, `leftG` what stays. */
export type Products = {
  readonly counts: Readonly<Record<string, number>>;
  readonly worth: number;
  readonly usedG: Readonly<Record<string, number>>;
  readonly leftG: Readonly<Record<string, number>>;
  readonly runsOut: readonly string[];
};

/**
 * Which filled jars make the best use of some stock: whole numbers, the most worth.
 * `max Σ worth·n` with `Σ net·fraction·n ≤ stock` per ingredient and `Σ n ≤ jars` per size.
 * @param input stock in grams, jars of each size, products as mass fractions, net grams, jar and worth apiece
 */
export function products(input: unknown, solver: LinearSolver): Result<Products> {
  const checked = check(ProductsInput, input);
  if (!checked.ok) return checked;
  const { stock, jars, products: list } = checked.value;
  const twice = list.find((one, i) => list.findIndex((other) => other.id === one.id) !== i);
  if (twice) return fail('duplicate-id', 'products', { id: twice.id });
  const ingredients = [...new Set(list.flatMap((one) => Object.keys(one.fractions)))];
  const problem: LinearProblem = {
    costs: list.map((one) => -one.worth),
    bounds: list.map((one) => ({ min: 0, max: one.most ?? null })),
    rows: [
      ...ingredients.map((id) => ({
        name: id,
        coefficients: list.map((one) => one.netG * (one.fractions[id] ?? 0)),
        min: null,
        max: stock[id] ?? 0,
      })),
      ...[...new Set(list.map((one) => one.jar))].map((jar) => ({
        name: jar,
        coefficients: list.map((one) => (one.jar === jar ? 1 : 0)),
        min: null,
        max: jars[jar] ?? 0,
      })),
    ],
    whole: true,
  };
  const answer = solver(problem);
  if (answer.status !== 'optimal') return fail('nothing-to-fill', 'products');
  const counts = answer.x.map(Math.round);
  if (!holds(problem, counts)) throw new Error('the solver used more than there is');
  const used = ingredients.map((id) =>
    list.reduce((sum, one, i) => sum + (counts[i] ?? 0) * one.netG * (one.fractions[id] ?? 0), 0),
  );
  const usedG = Object.fromEntries(ingredients.map((id, i) => [id, used[i] ?? 0]));
  const leftG = Object.fromEntries(Object.entries(stock).map(([id, have]) => [id, Math.max(0, have - (usedG[id] ?? 0))]));
  const least = (id: string): number =>
    Math.min(...list.flatMap((one) => (one.fractions[id] ? [one.netG * one.fractions[id]] : [])));
  return ok({
    counts: Object.fromEntries(list.map((one, i) => [one.id, counts[i] ?? 0])),
    worth: list.reduce((sum, one, i) => sum + (counts[i] ?? 0) * one.worth, 0),
    usedG,
    leftG,
    runsOut: [
      ...ingredients.filter((id) => (stock[id] ?? 0) - (usedG[id] ?? 0) < least(id)),
      ...[...new Set(list.map((one) => one.jar))].filter(
        (jar) => list.reduce((sum, one, i) => sum + (one.jar === jar ? (counts[i] ?? 0) : 0), 0) >= (jars[jar] ?? 0),
      ),
    ],
  });
}
