import { describe, expect, it } from 'vitest';
import { type LinearProblem, type LinearSolver, products } from '.';

/** Tries every choice of whole numbers; slow and sure. */
const everyChoice: LinearSolver = ({ costs, bounds, rows }: LinearProblem) => {
  let best: { x: readonly number[]; cost: number } | null = null;
  const most = bounds.map(({ max }) => Math.min(6, max ?? 6));
  const walk = (x: readonly number[]): void => {
    if (x.length < costs.length) {
      for (let n = 0; n <= (most[x.length] ?? 0); n++) walk([...x, n]);
      return;
    }
    const fits = rows.every(
      (row) => row.coefficients.reduce((sum, one, i) => sum + one * (x[i] ?? 0), 0) <= (row.max ?? Infinity) + 1e-9,
    );
    const cost = costs.reduce((sum, one, i) => sum + one * (x[i] ?? 0), 0);
    if (fits && (best === null || cost < best.cost - 1e-12)) best = { x, cost };
  };
  walk([]);
  const found = best as { x: readonly number[] } | null;
  return found ? { status: 'optimal', x: found.x, rowDuals: [], boundDuals: [] } : { status: 'infeasible' };
};

const paste = { id: 'paste', fractions: { beeswax: 0.2, 'mineral-oil': 0.8 }, netG: 50, jar: 'tin', worth: 9 };
const oil = { id: 'oil', fractions: { 'mineral-oil': 1 }, netG: 100, jar: 'bottle', worth: 12 };
const asked = { stock: { beeswax: 40, 'mineral-oil': 500 }, jars: { tin: 5, bottle: 4 }, products: [paste, oil] };
const made = (input: unknown, solver: LinearSolver = everyChoice) => {
  const found = products(input, solver);
  return found.ok ? found.value : found.issues[0];
};

describe('the best use of some stock', () => {
  it('is the most worth that stock and jars allow, and says what runs out', () => {
    // 40 g of wax are four tins; 160 g of oil go into them, and three bottles take 300 of the 340 g left.
    expect(made(asked)).toEqual({
      counts: { paste: 4, oil: 3 },
      worth: 72,
      usedG: { beeswax: 40, 'mineral-oil': 460 },
      leftG: { beeswax: 0, 'mineral-oil': 40 },
      runsOut: ['beeswax'],
    });
    // Forty grams of oil would still fill a tin; thirty-nine would not.
    expect(made({ ...asked, stock: { beeswax: 40, 'mineral-oil': 499 } })).toMatchObject({ runsOut: ['beeswax', 'mineral-oil'] });
  });
  it('keeps to the jars there are, to the most that is wanted, and to what is there at all', () => {
    expect(made({ ...asked, jars: { tin: 2, bottle: 1 } })).toMatchObject({
      counts: { paste: 2, oil: 1 },
      runsOut: ['tin', 'bottle'],
    });
    expect(made({ ...asked, products: [{ ...paste, most: 1 }, oil] })).toMatchObject({ counts: { paste: 1, oil: 4 } });
    expect(made({ ...asked, jars: {} })).toMatchObject({ counts: { paste: 0, oil: 0 }, worth: 0 });
    expect(made({ ...asked, stock: { beeswax: 40 } })).toMatchObject({ counts: { paste: 0, oil: 0 }, leftG: { beeswax: 40 } });
  });
  it('names each product once, and takes no answer that uses more than there is', () => {
    expect(made({ ...asked, products: [paste, oil, { ...paste }] })).toEqual({
      code: 'duplicate-id',
      path: 'products',
      with: { id: 'paste' },
    });
    expect(made({ ...asked, products: [{ ...paste, netG: -1 }] })).toMatchObject({ code: 'must-be-positive' });
    expect(made(asked, () => ({ status: 'infeasible' }))).toMatchObject({ code: 'nothing-to-fill' });
    const greedy: LinearSolver = () => ({ status: 'optimal', x: [5, 4], rowDuals: [], boundDuals: [] });
    expect(() => made(asked, greedy)).toThrow('more than there is');
  });
});
