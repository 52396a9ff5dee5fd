import { describe, expect, it } from 'vitest';
import { CARE_CLASSES, care, careTraits } from '.';
import { BEDDING_IN, DRY_ROOM, intervalOf, LEAST_INTERVAL_DAYS, MOST_INTERVAL_DAYS, USE_TENTHS, WASH_TENTHS } from './care';

const base = {
  finishClass: 'never-dry',
  use: 'weekly',
  wash: 'hand',
  from: '2031-01-01',
  horizonDays: 365,
  zone: 'Europe/Lisbon',
  areaMm2: 200_000,
  endGrainMm2: 0,
  porosity: 'closed',
};
const made = (change: Record<string, unknown>) => {
  const result = care({ ...base, ...change });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};

describe('care', () => {
  it('rests on the figures of the design', () => {
    expect(Object.fromEntries(CARE_CLASSES.map((kind) => [kind, careTraits(kind).baseDays]))).toEqual({
      'never-dry': 30,
      'oil-wax': 45,
      'drying-oil': 180,
      'drying-oil-wax': 180,
      'hard-wax': 365,
      film: 365,
      friction: 180,
      bare: null,
    });
    expect([USE_TENTHS, WASH_TENTHS, DRY_ROOM, LEAST_INTERVAL_DAYS, MOST_INTERVAL_DAYS]).toEqual([
      { daily: 7, weekly: 10, occasional: 16 },
      { wipe: 12, hand: 10, soak: 6 },
      { belowRh: 0.35, tenths: 8 },
      7,
      365,
    ]);
    expect(BEDDING_IN).toEqual({ days: [7, 21], whenIntervalFrom: 14, unlessRegularWithin: 7 });
  });
  it('reckons in exact decimals, half up', () => {
    expect(intervalOf('oil-wax', 'daily', 'hand')).toBe(32);
    expect(intervalOf('never-dry', 'daily', 'soak', 0.3)).toBe(10);
    expect(intervalOf('never-dry', 'daily', 'soak', 0.35)).toBe(13);
    expect(intervalOf('bare', 'daily', 'hand')).toBeNull();
  });
  it('beds a never-drying finish in, unless a regular date follows within a week', () => {
    expect(made({ horizonDays: 60 }).dates).toEqual(['2031-01-08', '2031-01-22', '2031-01-31', '2031-03-02']);
    // Every 25 days: day 21 is dropped, day 25 follows within the week.
    expect(made({ wash: 'hand', use: 'daily', finishClass: 'oil-wax', rh: 0.3, horizonDays: 30 }).dates).toEqual([
      '2031-01-08',
      '2031-01-26',
    ]);
    expect(made({ finishClass: 'drying-oil', horizonDays: 90 }).dates).toEqual(['2031-06-30']);
  });
  it('gives a bare piece no dates, and a film no grams', () => {
    expect(made({ finishClass: 'bare' })).toMatchObject({ intervalDays: null, dates: [], gramsPerTreatment: 0 });
    expect(made({ finishClass: 'film', bottleMl: 50, densityGPerMl: 0.9 })).toMatchObject({
      gramsPerTreatment: 0,
      treatmentsPerBottle: null,
    });
  });
  it('counts days by the calendar over a clock change, from the zone’s own day', () => {
    expect(made({ finishClass: 'drying-oil', from: '2031-03-29T23:30:00Z', horizonDays: 180 }).dates).toEqual(['2031-09-25']);
    expect(care({ ...base, from: 'soon' })).toMatchObject({ ok: false, issues: [{ code: 'bad-time', path: 'from' }] });
  });
});
