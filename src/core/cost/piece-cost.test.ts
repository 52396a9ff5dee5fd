import { describe, expect, it } from 'vitest';
import { cost } from '.';

const upkeep = { by: 'owner', intervalDays: 90, gramsPerTreatment: 5, costPerKg: 40, minutes: 10, ratePerHour: 0 };
const piece = {
  coats: [{ grams: 30, wasteFraction: 0, costPerKg: 20 }],
  handsMin: 30,
  ratePerHour: 24,
  consumables: 0.5,
  jar: 1,
  upkeep,
  years: 10,
  returns: { perYear: 0, cost: 0 },
};
const total = (input: unknown): number => {
  const answer = cost(input);
  if (!answer.ok) throw new Error(JSON.stringify(answer.issues));
  return answer.value.total;
};

describe('what a piece costs', () => {
  it('is its coats, hands, what is used up and its jar; and then its upkeep over the years', () => {
    expect(cost(piece)).toMatchObject({ ok: true, value: { materials: 0.6, hands: 12, first: 14.1 } });
    expect(total(piece)).toBeCloseTo(14.1 + 10 * (365.25 / 90) * 0.2, 9);
    expect(total({ ...piece, upkeep: { ...upkeep, by: 'nobody' } })).toBeCloseTo(14.1, 9);
    expect(total({ ...piece, upkeep: { ...upkeep, intervalDays: null } })).toBeCloseTo(14.1, 9);
  });
  it('counts what of a pack goes off before it is used', () => {
    const pack = { price: 30, grams: 1000, usedPerMonthG: 20, shelfMonths: 12 };
    const packed = { ...piece, coats: [{ grams: 30, wasteFraction: 0, costPerKg: 1, pack }] };
    // Of the kilogram 240 g are used in its year: 125 a kilogram, whatever a price per kg says.
    expect(cost(packed)).toMatchObject({ ok: true, value: { materials: 3.75 } });
  });
  it('is refused where a coat has no price, all of it is wiped off, or there are no years', () => {
    expect(cost({ ...piece, coats: [{ grams: 3, wasteFraction: 0 }] })).toMatchObject({
      issues: [{ code: 'required', path: 'coats.0.costPerKg' }],
    });
    expect(cost({ ...piece, coats: [{ grams: 3, wasteFraction: 1, costPerKg: 1 }] }).ok).toBe(false);
    for (const years of [0, -1]) expect(cost({ ...piece, years }).ok).toBe(false);
  });
});
