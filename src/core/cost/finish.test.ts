import { describe, expect, it } from 'vitest';
import { speciesOf } from '@/core/material/species';
import { areaOf, type Geometry } from '@/core/piece';
import { REGIMENS } from '@/core/regimen';
import { type FinishAsked, type FinishFigures, finishCost, minutesTimes, paidFor, plannedMin, wipedShare } from './finish';
import type { LotChoice } from './needs';

const regimenOf = (id: string) => {
  const found = REGIMENS.find((one) => one.id === id);
  if (!found) throw new Error(`no regimen ${id}`);
  return found;
};
const geometry: Geometry = { shape: 'board', lengthMm: 400, widthMm: 260, thickMm: 26, grain: 'long' };
const lot = { id: 1, number: 'S31-01', minorPerKg: 900, bound: { flooded: null, thin: null }, densityGPerMl: 0.86 };
const oil = { ...lot, coverageM2PerL: null, labelCoats: null, leftG: 2000 } as unknown as LotChoice;
const paste = { ...oil, id: 2, number: 'B31-02' };
const asked: FinishAsked = {
  regimen: regimenOf('soak-wax'),
  design: { area: areaOf(geometry), geometry },
  species: speciesOf('hard-maple'),
  by: 'owner',
  years: 10,
  ratePerHour: 24,
  lots: { oil: { ...oil, paid: { costPerKg: 9 } }, paste: { ...paste, paid: { costPerKg: 30 } } },
  uptake: [],
  wiped: 0,
  took: undefined,
  taught: { factor: undefined, boards: 0 },
  back: undefined,
};
const figures = (change: Partial<FinishAsked> = {}): FinishFigures => {
  const found = finishCost({ ...asked, ...change });
  if (!found) throw new Error('not reckoned');
  return found;
};

describe('how a lot is paid for', () => {
  const pack = { isPack: true, price: 12, grams: 1000, costPerKg: 12, keepsMonths: 12, hereMonths: 3 };
  it('is a pack where its use and its keeping are known, seen no longer than it is here', () => {
    expect(paidFor({ ...pack, used: { grams: 50, months: 8 } })).toEqual({
      pack: { price: 12, grams: 1000, usedPerMonthG: 50, shelfMonths: 12 },
      months: 4,
    });
  });
  it.each([
    ['made here', { isPack: false }],
    ['without a price', { price: null }],
    ['that keeps for nobody knows how long', { keepsMonths: undefined }],
    ['past its day when it came', { keepsMonths: -1 }],
    ['never used', { used: undefined }],
    ['used by nothing', { used: { grams: 0, months: 8 } }],
  ])('is its kilogram where it is %s', (_, change) => {
    expect(paidFor({ ...pack, used: { grams: 50, months: 8 }, ...change })).toEqual({ costPerKg: 12 });
  });
});

describe('what is wiped off', () => {
  it('is the middle of what was weighed, and what grew on the scale is left out', () => {
    const weighed = [
      { drawnG: 10, stayedG: 9 },
      { drawnG: 10, stayedG: 7 },
      { drawnG: 10, stayedG: 8 },
      { drawnG: 10, stayedG: 12 },
    ];
    expect(wipedShare(weighed)).toEqual({ share: expect.closeTo(0.2, 9), count: 3 });
  });
  it('is none where nothing was weighed, and never all', () => {
    expect([wipedShare([]), wipedShare([{ drawnG: 10, stayedG: 0 }])]).toEqual([
      { share: 0, count: 0 },
      { share: 0.9, count: 1 },
    ]);
  });
});

it('minutes are told a regimen, the middle of its batches; one without planned minutes tells nothing', () => {
  const took = (regimen: string, tookMin: number, planned: number) => ({ regimen, tookMin, plannedMin: planned });
  const times = minutesTimes([took('a', 30, 20), took('a', 20, 20), took('a', 50, 20), took('b', 9, 0)]);
  expect([...times]).toEqual([['a', { times: 1.5, batches: 3 }]]);
});

describe('one finish of a piece', () => {
  it('costs its materials and its hands, and likely lies between low and high', () => {
    const { likely, low, high, handsMin } = figures();
    expect(likely.hands).toBeCloseTo((handsMin / 60) * 24, 9);
    expect(handsMin).toBeCloseTo(plannedMin(asked.regimen, asked.design.area), 9);
    expect(likely.materials).toBeGreaterThan(0);
    expect([low.total < likely.total, likely.total < high.total]).toEqual([true, true]);
  });
  it('takes the minutes the shop’s own batches took', () => {
    const own = figures({ took: { times: 1.5, batches: 4 } });
    expect(own.handsMin).toBeCloseTo(figures().handsMin * 1.5, 9);
    expect(own.rests).toEqual([{ count: 4, of: 'batches' }]);
  });
  it('draws the same grams whether some is wiped off or not', () => {
    expect(figures({ wiped: 0.25 }).likely.materials).toBeCloseTo(figures().likely.materials, 9);
  });
  it('names the lots without a price and leaves them out', () => {
    const { unpriced, likely } = figures({ lots: { ...asked.lots, paste: { ...paste, paid: { costPerKg: null } } } });
    expect(unpriced).toEqual(['B31-02']);
    expect(likely.materials).toBeLessThan(figures().likely.materials);
  });
  it('pays for what goes off', () => {
    const pack = { price: 9, grams: 1000, usedPerMonthG: 10, shelfMonths: 12 };
    const { spoils, likely, rests } = figures({ lots: { ...asked.lots, oil: { ...oil, paid: { pack, months: 5 } } } });
    expect(spoils).toBeCloseTo(0.88, 9);
    expect(likely.materials).toBeGreaterThan(figures().likely.materials);
    expect(rests).toEqual([{ count: 5, of: 'months' }]);
  });
  it('has no interval and no upkeep where nobody keeps it up', () => {
    const { intervalDays, likely } = figures({ by: 'nobody' });
    expect([intervalDays, likely.perYearUpkeep]).toEqual([null, 0]);
    expect(figures().intervalDays).toBeGreaterThan(0);
  });
  it('counts what comes back as made once more', () => {
    const { likely, returnsPerYear } = figures({ by: 'nobody', back: { share: 0.1, sold: 20 } });
    expect(returnsPerYear).toBe(0.1);
    expect(likely.total).toBeGreaterThan(figures({ by: 'nobody' }).likely.total);
  });
  it('lies closer together once such pieces were weighed', () => {
    const uptake = [{ species: 'hard-maple', finishClass: 'flood-oil', factor: 1, records: 6 }] as const;
    const span = ({ low, high }: FinishFigures) => high.materials / low.materials;
    expect(span(figures())).toBeCloseTo(1.3 / 0.7, 6);
    const weighed = figures({ uptake });
    expect(weighed.rests).toEqual([{ count: 6, of: 'weighings' }]);
    expect(span(weighed)).toBeCloseTo(1.12 / 0.88, 6);
  });
});
