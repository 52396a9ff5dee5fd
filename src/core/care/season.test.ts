import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bestBottle, CARE_CLASSES, COUNTRIES, care, careInSeason, looksFrom, treatmentsAYear, USES, WASHES } from '.';
import { COUNTRY_CLIMATE, indoorRh, intervalIn } from './season';

const piece = { areaMm2: 300_000, endGrainMm2: 20_000, porosity: 'closed', zone: 'UTC' } as const;

describe('looks by season', () => {
  it('are the plain schedule where no country is known', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CARE_CLASSES),
        fc.constantFrom(...USES),
        fc.constantFrom(...WASHES),
        fc.integer({ min: 30, max: 800 }),
        (finishClass, use, wash, horizonDays) => {
          const plain = care({ ...piece, finishClass, use, wash, from: '2031-03-03', horizonDays });
          const found = careInSeason({ finishClass, use, wash, country: null, from: '2031-03-03', horizonDays });
          expect(plain.ok && plain.value.dates).toEqual(found);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('come sooner in the dry winter of a heated north, and at their own time in its summer', () => {
    expect(intervalIn(45, 'SE', '2031-01-10')).toBe(36);
    expect(intervalIn(45, 'SE', '2031-07-10')).toBe(45);
    expect(intervalIn(45, 'NZ', '2031-07-10')).toBe(45);
    expect(intervalIn(8, 'SE', '2031-01-10')).toBe(7);
    expect(intervalIn(45, 'XX', '2031-01-10')).toBe(45);
    const [north, none] = ['FI', null].map((country) => looksFrom(30, country, '2031-01-01', '2031-12-31').length);
    expect(north).toBeGreaterThan(none as number);
  });
  it('has sensible rooms for every country in every month, the south half a year off', () => {
    for (const country of COUNTRIES)
      for (let month = 1; month <= 12; month++) {
        const rh = indoorRh(country, month) ?? 0;
        expect(rh).toBeGreaterThan(0.2);
        expect(rh).toBeLessThan(0.75);
      }
    expect(COUNTRY_CLIMATE.NZ).toBe('southern mild');
    expect(indoorRh('NZ', 7)).toBeCloseTo(0.5, 9);
    expect(indoorRh('DE', 1)).toBeCloseTo(0.32, 9);
    expect(looksFrom(400, null, '2031-01-01', '2031-06-01')).toEqual(['2032-02-05']);
  });
});

describe('the bottle in the box', () => {
  it('is the smallest that lasts the first year, else what lasts longest, else none', () => {
    const bottles = [
      { id: 'big', treatments: 40, left: 2 },
      { id: 'small', treatments: 9, left: 3 },
      { id: 'middle', treatments: 15, left: 1 },
    ];
    expect(treatmentsAYear('never-dry', 30)).toBe(14);
    expect(treatmentsAYear('drying-oil', 180)).toBe(2);
    expect(treatmentsAYear('bare', null)).toBe(0);
    expect(bestBottle(bottles, 14)?.id).toBe('middle');
    expect(bestBottle(bottles, 99)?.id).toBe('big');
    expect(
      bestBottle(
        bottles.map((one) => ({ ...one, left: 0 })),
        1,
      ),
    ).toBeNull();
  });
});
