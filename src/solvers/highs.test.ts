import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { blend, cheapest, cheapestToUse, type LinearSolver, products } from '@/core/blend';
import { CONTACTS, findIngredient, INGREDIENTS, ingredientOf, SHIPPED } from '@/core/material';
import { loadSolver } from './highs';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await loadSolver();
});

const ids = INGREDIENTS.map((one) => one.id);
const STEPS = 40;

/** Every blend of up to three ingredients on a grid of shares. */
function* grid(count: number): Generator<number[]> {
  if (count === 1) yield [1];
  else if (count === 2) for (let a = 0; a <= STEPS; a++) yield [a / STEPS, 1 - a / STEPS];
  else
    for (let a = 0; a <= STEPS; a++) for (let b = 0; a + b <= STEPS; b++) yield [a / STEPS, b / STEPS, (STEPS - a - b) / STEPS];
}

const sumOf = (w: readonly number[], of: (i: number) => number): number => w.reduce((sum, share, i) => sum + share * of(i), 0);

/** Vertices of a small problem by brute force: every pair of active bounds of a three-line blend, solved exactly. */
function exact(
  list: readonly string[],
  price: readonly number[],
  hard: readonly [number, number],
  volatile: readonly [number, number],
  caps: readonly number[],
): number | null {
  const one = list.map((id) => findIngredient(id, SHIPPED));
  const n = list.length;
  // a·w ≥ b for every limit; Σw = 1 always holds.
  const limits: { a: number[]; b: number }[] = [];
  for (let i = 0; i < n; i++) {
    limits.push(
      { a: list.map((_, j) => (i === j ? 1 : 0)), b: 0 },
      { a: list.map((_, j) => (i === j ? -1 : 0)), b: -(caps[i] ?? 1) },
    );
  }
  const h = one.map((x) => x?.hardening ?? 0);
  const v = one.map((x) => x?.volatileFraction ?? 0);
  limits.push(
    { a: h, b: hard[0] },
    { a: h.map((x) => -x), b: -hard[1] },
    { a: v, b: volatile[0] },
    { a: v.map((x) => -x), b: -volatile[1] },
  );
  let best: number | null = null;
  const tryPoint = (w: readonly number[]): void => {
    if (w.some((x) => !Number.isFinite(x)) || limits.some(({ a, b }) => sumOf(w, (i) => a[i] ?? 0) < b - 1e-9)) return;
    const cost = sumOf(w, (i) => price[i] ?? 0);
    if (best === null || cost < best) best = cost;
  };
  if (n === 2)
    for (const { a, b } of limits) {
      const x = (b - (a[1] ?? 0)) / ((a[0] ?? 0) - (a[1] ?? 0));
      tryPoint([x, 1 - x]);
    }
  for (const [p, first] of limits.entries())
    for (const second of n === 3 ? limits.slice(p + 1) : []) {
      // Two equations in x and y with z = 1 − x − y, by Cramer's rule.
      const [a1, b1, c1] = [
        (first.a[0] ?? 0) - (first.a[2] ?? 0),
        (first.a[1] ?? 0) - (first.a[2] ?? 0),
        first.b - (first.a[2] ?? 0),
      ];
      const [a2, b2, c2] = [
        (second.a[0] ?? 0) - (second.a[2] ?? 0),
        (second.a[1] ?? 0) - (second.a[2] ?? 0),
        second.b - (second.a[2] ?? 0),
      ];
      const det = a1 * b2 - a2 * b1;
      const [x, y] = [(c1 * b2 - c2 * b1) / det, (a1 * c2 - a2 * c1) / det];
      tryPoint([x, y, 1 - x - y]);
    }
  return best;
}

const problem = fc.record({
  list: fc.uniqueArray(fc.constantFrom(...ids), { minLength: 2, maxLength: 3 }),
  price: fc.array(fc.integer({ min: 300, max: 6000 }), { minLength: 3, maxLength: 3 }),
  hard: fc.tuple(fc.constantFrom(0, 0, 0, 5, 20), fc.integer({ min: 10, max: 120 })),
  volatile: fc.tuple(fc.constantFrom(0, 0, 0, 10), fc.integer({ min: 20, max: 100 })),
  caps: fc.array(fc.integer({ min: 35, max: 140 }), { minLength: 3, maxLength: 3 }),
});

describe('the cheapest blend', () => {
  it('costs what brute force says on 200 small blends, to 1e-6', () => {
    let feasible = 0;
    fc.assert(
      fc.property(problem, ({ list, price, hard: [h0, span], volatile: [v0, vSpan], caps }) => {
        const hard = [h0 / 100, (h0 + span) / 100] as const;
        const volatile = [v0 / 100, Math.min(1, (v0 + vSpan) / 100)] as const;
        const totalG = 1000;
        const found = cheapest(
          {
            ingredients: list,
            prices: Object.fromEntries(list.map((id, i) => [id, price[i]])),
            limits: {
              waxEquivalent: hard,
              volatile,
              totalG,
              stock: Object.fromEntries(list.map((id, i) => [id, (caps[i] ?? 0) * 10])),
            },
          },
          solver,
          SHIPPED,
        );
        const wanted = exact(
          list,
          price,
          hard,
          volatile,
          caps.map((cap) => Math.min(1, cap / 100)),
        );
        if (!found.ok) throw new Error('a fair input was refused');
        if (wanted === null) expect(found.value.feasible).toBe(false);
        else {
          feasible++;
          if (!found.value.feasible) throw new Error('a blend that exists was not found');
          expect(Math.abs(found.value.costPerKg - wanted)).toBeLessThanOrEqual(1e-6 * wanted);
        }
      }),
      { seed: 11, numRuns: 200 },
    );
    // A fifth and more of the wishes can be met, so that the comparison says something.
    if (!process.env.MUTANTS) expect(feasible).toBeGreaterThan(40);
  });
  it('is never dearer than any blend of a grid that keeps the limits, and makes what it says', () => {
    fc.assert(
      fc.property(problem, fc.constantFrom(...CONTACTS), ({ list, price }, contact) => {
        const prices = Object.fromEntries(list.map((id, i) => [id, price[i] ?? 0]));
        const found = cheapest({ ingredients: list, prices, limits: { contact, drying: 'never' } }, solver, SHIPPED);
        if (!found.ok || !found.value.feasible) return;
        const { fractions, costPerKg } = found.value;
        const made = blend(
          {
            lines: Object.entries(fractions).map(([ingredient, parts]) => ({ ingredient, parts })),
            make: { massG: 1 },
            prices,
          },
          SHIPPED,
        );
        if (!made.ok) throw new Error('no blend');
        expect(made.value.costPerKg).toBeCloseTo(costPerKg, 6);
        expect(CONTACTS.indexOf(made.value.contact)).toBeLessThanOrEqual(CONTACTS.indexOf(contact));
        expect(made.value.drying).toBe('never');
        for (const w of grid(list.length)) {
          const lines = list.flatMap((ingredient, i) => (w[i] ? [{ ingredient, parts: w[i] }] : []));
          const other = blend({ lines, make: { massG: 1 }, prices }, SHIPPED);
          if (!other.ok || other.value.drying !== 'never' || CONTACTS.indexOf(other.value.contact) > CONTACTS.indexOf(contact))
            continue;
          expect(other.value.costPerKg ?? 0).toBeGreaterThanOrEqual(costPerKg - 1e-6);
        }
      }),
      { seed: 12, numRuns: 25 },
    );
  });
  it('names what binds and a smallest set of limits that clash', () => {
    const prices = { beeswax: 20, 'mineral-oil': 8, 'tung-oil': 30 };
    const base = { ingredients: Object.keys(prices), prices };
    const firm = cheapest({ ...base, limits: { waxEquivalent: [0.2, 0.4], drying: 'never' } }, solver, SHIPPED);
    expect(firm).toMatchObject({
      ok: true,
      value: { feasible: true, binding: ['waxEquivalent'], fractions: { beeswax: expect.closeTo(0.2, 9) } },
    });
    const none = cheapest(
      {
        ...base,
        limits: { waxEquivalent: [0.2, 0.4], ranges: { beeswax: [0, 0.1] }, contact: 'food-grade', volatile: [0, 0.5] },
      },
      solver,
      SHIPPED,
    );
    expect(none).toEqual({ ok: true, value: { feasible: false, clash: ['waxEquivalent', 'ranges.beeswax'] } });
    const free = cheapest(base, solver, SHIPPED);
    expect(free).toMatchObject({ value: { costPerKg: 8, binding: [] } });
  });
  it('keeps the pour below the ceiling when heat conflict is forbidden', () => {
    const base = {
      ingredients: ['carnauba-wax', 'beeswax', 'walnut-oil-raw'],
      prices: { 'carnauba-wax': 5, beeswax: 20, 'walnut-oil-raw': 8 },
    };
    const blendOf = (noHeatConflict: boolean) => {
      const found = cheapest(
        { ...base, limits: { waxEquivalent: [1, 1.1], ranges: { beeswax: [0.05, 1] }, noHeatConflict } },
        solver,
        SHIPPED,
      );
      if (!found.ok || !found.value.feasible) throw new Error('none');
      const made = blend(
        {
          lines: Object.entries(found.value.fractions).map(([ingredient, parts]) => ({ ingredient, parts })),
          make: { massG: 1 },
        },
        SHIPPED,
      );
      return made.ok ? made.value : null;
    };
    expect(blendOf(false)?.heatConflict).toBe(true);
    const cool = blendOf(true);
    expect(cool?.heatConflict).toBe(false);
    expect(cool?.pourC).toBeLessThanOrEqual((cool?.holdMaxC ?? 0) + 1e-4);
  });
  it('refuses what it cannot reckon with, all at once', () => {
    const found = cheapest(
      { ingredients: ['beeswax', 'beeswax', 'gold'], prices: {}, limits: { ranges: { water: [0, 1] } } },
      solver,
      SHIPPED,
    );
    expect(found).toMatchObject({
      ok: false,
      issues: [{ code: 'required' }, { code: 'duplicate-ingredient' }, { code: 'unknown-ingredient' }, { code: 'unknown-line' }],
    });
    expect(
      cheapest({ ingredients: ['beeswax'], prices: { beeswax: 1 }, limits: { waxEquivalent: [0.4, 0.2] } }, solver, SHIPPED).ok,
    ).toBe(false);
    expect(
      cheapest({ ingredients: ['beeswax'], prices: { beeswax: 1 }, limits: { stock: { beeswax: 1 } } }, solver, SHIPPED),
    ).toMatchObject({ issues: [{ path: 'limits.totalG' }] });
  });
});

describe('the best use of stock and jars', () => {
  it('is what counting every way finds', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 200, max: 3000 }),
        fc.integer({ min: 100, max: 900 }),
        fc.integer({ min: 0, max: 8 }),
        (oil, wax, tins) => {
          const list = [
            { id: 'paste', fractions: { 'mineral-oil': 0.8, beeswax: 0.2 }, netG: 110, jar: 'tin', worth: 9 },
            { id: 'bar', fractions: { 'mineral-oil': 0.4, beeswax: 0.6 }, netG: 60, jar: 'tin', worth: 8 },
            { id: 'feed', fractions: { 'mineral-oil': 1 }, netG: 250, jar: 'bottle', worth: 7 },
          ];
          const found = products(
            { stock: { 'mineral-oil': oil, beeswax: wax }, jars: { tin: tins, bottle: 5 }, products: list },
            solver,
          );
          let best = 0;
          for (let a = 0; a <= tins; a++)
            for (let b = 0; a + b <= tins; b++)
              for (let c = 0; c <= 5; c++)
                if (88 * a + 24 * b + 250 * c <= oil && 22 * a + 36 * b <= wax) best = Math.max(best, 9 * a + 8 * b + 7 * c);
          expect(found.ok && found.value.worth).toBeCloseTo(best, 9);
        },
      ),
      { seed: 13, numRuns: 40 },
    );
  });
});

describe('the cheapest blend a maker can use', () => {
  const prices: Record<string, number> = {
    beeswax: 20,
    'mineral-oil': 8,
    'tung-oil': 30,
    turpentine: 3,
    'ethanol-pure': 2,
    'shellac-flake': 40,
    water: 0.1,
    'milk-paint-powder': 15,
    'sunflower-oil': 4,
    'vitamin-e': 1,
    'flaxseed-oil': 12,
    'carnauba-wax': 25,
    'mineral-spirits': 3,
    'paraffin-wax': 2,
  };
  const find = (limits: object, mayBeShaken = false, ids = Object.keys(prices), keeps = true) => {
    const found = cheapestToUse({ ingredients: ids, prices, limits }, { mayBeShaken, keeps }, solver, SHIPPED);
    if (!found.ok) throw new Error(JSON.stringify(found.issues));
    return found.value;
  };
  const ids = (of: ReturnType<typeof find>): string[] => (of.feasible ? Object.keys(of.fractions) : []);
  it('is of one kind that mixes, unless it may be shaken; never water with oil or wax', () => {
    fc.assert(
      fc.property(
        fc.subarray(Object.keys(prices), { minLength: 2 }),
        fc.boolean(),
        fc.integer({ min: 0, max: 60 }),
        (list, shaken, least) => {
          const found = find({ waxEquivalent: [least / 100, 1] }, shaken, list);
          if (!found.feasible) return;
          const groups = new Set(ids(found).map((id) => ingredientOf(id, SHIPPED).mixes));
          expect(groups.size).toBeLessThanOrEqual(shaken ? 2 : 1);
          expect(groups.has('water') && groups.has('oil')).toBe(false);
        },
      ),
      { seed: 5, numRuns: 150 },
    );
  });
  it('has something in it that dries where drying is asked', () => {
    const wax = find({ drying: 'drying', waxEquivalent: [0.1, 1] }, false, ['beeswax', 'tung-oil']);
    expect(ids(wax).sort()).toEqual(['beeswax', 'tung-oil']);
    expect(wax).toMatchObject({ fractions: { 'tung-oil': expect.closeTo(0.05, 6) } });
    expect(find({ drying: 'drying' }, false, ['beeswax', 'mineral-oil'])).toMatchObject({ feasible: false });
  });
  it('holds no more solvent than oil, unless a share of it was asked', () => {
    const thin = find({ contact: 'not-for-food' }, false, ['tung-oil', 'turpentine']);
    expect(thin).toMatchObject({ fractions: { turpentine: expect.closeTo(0.5, 6) }, binding: ['thinner'] });
    const asked = find({ volatile: [0.8, 0.9] }, false, ['tung-oil', 'turpentine']);
    expect(asked).toMatchObject({ fractions: { turpentine: expect.closeTo(0.9, 6) } });
  });
  it('fills nothing up with what turns, unless that is asked for by name', () => {
    const list = ['flaxseed-oil', 'sunflower-oil', 'beeswax', 'vitamin-e'];
    expect(ids(find({ drying: 'drying' }, false, list))).toEqual(['flaxseed-oil']);
    expect(ids(find({ drying: 'drying', ranges: { 'sunflower-oil': [0.05, 1] } }, false, list)).sort()).toEqual([
      'flaxseed-oil',
      'sunflower-oil',
    ]);
    expect(ids(find({ drying: 'drying' }, false, list, false))).toContain('sunflower-oil');
  });
  it('stays tacky nowhere, keeps, and can be made', () => {
    fc.assert(
      fc.property(
        fc.subarray(Object.keys(prices), { minLength: 2 }),
        fc.constantFrom(undefined, 'drying', 'never'),
        fc.integer({ min: 0, max: 60 }),
        (list, drying, least) => {
          const found = find({ waxEquivalent: [least / 100, 1], ...(drying ? { drying } : {}) }, false, list);
          if (!found.feasible) return;
          const made = blend(
            {
              lines: Object.entries(found.fractions).map(([ingredient, parts]) => ({ ingredient, parts })),
              make: { massG: 100 },
            },
            SHIPPED,
          );
          if (!made.ok) throw new Error(JSON.stringify(made.issues));
          const { turnsRancid, heat, waxFraction } = made.value;
          expect(made.value.drying).not.toBe('mixed');
          expect(turnsRancid).toBe(false);
          expect(heat === 'none' && waxFraction > 0).toBe(false);
        },
      ),
      { seed: 7, numRuns: 150 },
    );
    const hard = { drying: 'drying', ranges: { 'carnauba-wax': [0.2, 1] } };
    expect(ids(find(hard, false, ['flaxseed-oil', 'carnauba-wax', 'mineral-spirits']))).not.toContain('mineral-spirits');
  });
  it('says so where only what parts would do', () => {
    const both = { ranges: { 'tung-oil': [0.2, 1], 'ethanol-pure': [0.2, 1] } };
    expect(find(both)).toEqual({ feasible: false, clash: ['mixes'] });
    expect(find(both, true)).toMatchObject({ feasible: true });
  });
});
