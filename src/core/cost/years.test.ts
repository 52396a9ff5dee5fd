import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { packCostPerKg } from '.';
import { type CostLine, costAfter, crossings, largerSaves, spoils } from './years';

describe('what finishes cost over the years', () => {
  it('cross where the dear one has paid for itself, soonest first', () => {
    const lines = [
      { id: 'oil', first: 2, perYear: 3 },
      { id: 'tung', first: 8, perYear: 1 },
      { id: 'dear', first: 30, perYear: 0.5 },
    ];
    expect(crossings(lines, 5)).toEqual([{ dear: 'tung', cheap: 'oil', years: 3, at: 11 }]);
    expect(crossings(lines, 50).map((one) => [one.dear, one.cheap])).toEqual([
      ['tung', 'oil'],
      ['dear', 'oil'],
      ['dear', 'tung'],
    ]);
    expect(crossings([lines[0] as CostLine, { id: 'same', first: 2, perYear: 1 }], 10)).toEqual([]);
  });
  it('have cost the same at a crossing, and the dear one less after it', () => {
    const money = fc.double({ min: 0, max: 100, noNaN: true });
    fc.assert(
      fc.property(money, money, money, money, (f1, f2, p1, p2) => {
        const lines = [
          { id: 'a', first: f1, perYear: p1 },
          { id: 'b', first: f2, perYear: p2 },
        ];
        for (const { dear, cheap, years, at } of crossings(lines, 40)) {
          const of = (id: string) => lines.find((one) => one.id === id) as CostLine;
          expect(costAfter(of(dear), years)).toBeCloseTo(at, 6);
          expect(costAfter(of(cheap), years)).toBeCloseTo(at, 6);
          expect(costAfter(of(dear), years + 1)).toBeLessThan(costAfter(of(cheap), years + 1));
        }
      }),
    );
  });
  it('of a litre instead of a bottle counts what goes off', () => {
    const bottle = { price: 9, grams: 250, usedPerMonthG: 40, shelfMonths: 12 };
    const litre = { price: 25, grams: 930, usedPerMonthG: 40, shelfMonths: 12 };
    expect(spoils(bottle)).toBe(0);
    expect(spoils(litre)).toBeCloseTo(1 - 480 / 930, 9);
    const saved = largerSaves({ small: packCostPerKg(bottle), large: packCostPerKg(litre) }, 40);
    // By its price the litre is the cheaper; by what is used of it, the dearer.
    expect((25 / 930) * 1000).toBeLessThan(36);
    expect(saved.perKg).toBeLessThan(0);
    expect(saved.perYear).toBeCloseTo((saved.perKg * 480) / 1000, 9);
  });
});
