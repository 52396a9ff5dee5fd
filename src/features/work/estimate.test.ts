import { describe, expect, it } from 'vitest';
import { uptake } from '@/core/piece';
import { REGIMENS } from '@/core/regimen';
import { type LotChoice, outlook, type Wish } from './estimate';

const regimen = REGIMENS.find((one) => one.id === 'soak-wax');
if (!regimen) throw new Error('no regimen');
const lot = (change: Partial<LotChoice> = {}): LotChoice => ({
  id: 1,
  number: 'S31-01',
  name: 'Oil',
  leftG: 2000,
  minorPerKg: 900,
  drying: 'never',
  waxEquivalent: 0,
  maxDwellMin: { flooded: null, thin: null },
  ...change,
});
const hours = {
  zone: 'Europe/Lisbon',
  shopHours: [1, 2, 3, 4, 5].map((day) => ({ day, open: '08:30', close: '17:30' })),
  closed: [],
};
const wish: Wish = {
  regimen,
  pieces: 6,
  area: { areaMm2: 251040, endGrainMm2: 12480 },
  porosity: 'closed',
  lots: { oil: lot(), paste: lot({ id: 2, waxEquivalent: 0.22, minorPerKg: 1100 }) },
  start: '2031-03-03T08:30',
  prefer: 'soonest',
};
const made = (change: Partial<Wish> = {}) => {
  const result = outlook({ ...wish, ...change }, hours);
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};

describe('the outlook of a batch', () => {
  it('takes what the uptake of its coats comes to', () => {
    const oil = uptake({ ...wish.area, finishClass: 'flood-oil', porosity: 'closed', coats: 3, pieces: 6 });
    const paste = uptake({ ...wish.area, finishClass: 'wax-paste', porosity: 'closed', coats: 1, pieces: 6 });
    const [first, second] = made().needs;
    expect([first?.grams, second?.grams]).toEqual([
      expect.closeTo(oil.ok ? oil.value.totalG : 0, 9),
      expect.closeTo(paste.ok ? paste.value.totalG : 0, 9),
    ]);
    expect(first?.minor).toBeCloseTo(((first?.grams ?? 0) * 900) / 1000, 9);
  });
  it('says when a lot is short, and has no cost where a price is missing', () => {
    expect(made({ lots: { oil: lot({ leftG: 10 }), paste: lot({ minorPerKg: null }) } }).needs).toMatchObject([
      { short: true },
      { short: false, minor: null },
    ]);
    expect(made({ lots: {} }).needs).toMatchObject([{ minor: null, short: false }, { minor: null }]);
  });
  it('grows with the pieces, and is planned over the shop’s hours', () => {
    const [six, twelve] = [made(), made({ pieces: 12 })];
    expect(twelve.needs[0]?.grams).toBeCloseTo(2 * (six.needs[0]?.grams ?? 0), 9);
    expect(six.plan).toMatchObject({ feasible: true });
    if (six.plan.feasible && twelve.plan.feasible) {
      expect(six.plan.steps.every((step) => step.startAt.slice(11, 16) >= '08:30' && step.endAt.slice(11, 16) <= '17:30')).toBe(
        true,
      );
      expect(twelve.plan.endsAt >= six.plan.endsAt).toBe(true);
    }
  });
  it('refuses a dwell that the oil does not bear', () => {
    const soak = REGIMENS.find((one) => one.id === 'long-soak');
    if (!soak) throw new Error('no regimen');
    expect(
      outlook({ ...wish, regimen: soak, lots: { oil: lot({ maxDwellMin: { flooded: 20, thin: 60 } }) } }, hours),
    ).toMatchObject({ ok: false, issues: [{ code: 'dwell-past-chemistry' }] });
  });
});
