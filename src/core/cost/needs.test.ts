import { describe, expect, it } from 'vitest';
import { type Geometry, poresMl, uptake, volumeMl } from '@/core/piece';
import { REGIMENS } from '@/core/regimen';
import { type LotChoice, type NeedsWish, needsOf } from './needs';

const regimen = REGIMENS.find((one) => one.id === 'soak-wax');
if (!regimen) throw new Error('no regimen');
const lot = (change: Partial<LotChoice> = {}): LotChoice => ({
  id: 1,
  number: 'S31-01',
  title: 'Oil',
  held: false,
  ingredients: [],
  turnsRancid: false,
  setsInTin: false,
  roles: ['neat-oil'],
  densityGPerMl: 0.86,
  coverageM2PerL: null,
  labelCoats: null,
  leftG: 2000,
  minorPerKg: 900,
  drying: 'never',
  waxEquivalent: 0,
  bound: { flooded: null, thin: null },
  mode: 'settle',
  a0Hours: 24,
  layer: {
    contact: 'food-grade',
    filmForming: false,
    drying: 'never',
    waxEquivalent: 0,
    allergens: [],
    undeclared: false,
    statement: [],
  },
  ...change,
});
const wish: NeedsWish = {
  regimen,
  pieces: 6,
  area: { areaMm2: 251040, endGrainMm2: 12480 },
  geometry: { shape: 'board', lengthMm: 400, widthMm: 260, thickMm: 26, grain: 'long' } as Geometry,
  species: { id: 'hard-maple', porosity: 'closed', densityKgPerM3: 700 },
  beyond: false,
  uptake: [],
  lots: { oil: lot(), paste: lot({ id: 2, waxEquivalent: 0.22, minorPerKg: 1100 }) },
};
const made = (change: Partial<NeedsWish> = {}) => {
  const result = needsOf({ ...wish, ...change });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};

describe('what a batch will take', () => {
  it('takes what the uptake of its coats comes to', () => {
    const oil = uptake({ ...wish.area, finishClass: 'flood-oil', porosity: 'closed', coats: 3, pieces: 6 });
    const paste = uptake({ ...wish.area, finishClass: 'wax-paste', porosity: 'closed', coats: 1, pieces: 6 });
    const [first, second] = made();
    expect([first?.grams, second?.grams]).toEqual([
      expect.closeTo(oil.ok ? oil.value.totalG : 0, 9),
      expect.closeTo(paste.ok ? paste.value.totalG : 0, 9),
    ]);
    expect(first?.minor).toBeCloseTo(((first?.grams ?? 0) * 900) / 1000, 9);
  });
  it('says when a lot is short, and has no cost where a price is missing', () => {
    expect(made({ lots: { oil: lot({ leftG: 10 }), paste: lot({ minorPerKg: null }) } })).toMatchObject([
      { short: true },
      { short: false, minor: null },
    ]);
    expect(made({ lots: {} })).toMatchObject([{ minor: null, short: false }, { minor: null }]);
  });
  it('grows with the pieces, and goes by what the shop has weighed of this wood', () => {
    const [six, twelve] = [made(), made({ pieces: 12 })];
    expect(twelve[0]?.grams).toBeCloseTo(2 * (six[0]?.grams ?? 0), 9);
    const factor = { species: 'hard-maple', finishClass: 'flood-oil', factor: 1.3, records: 5 } as const;
    const weighed = made({ uptake: [factor, { ...factor, species: 'oak', factor: 9 }] });
    expect(weighed[0]?.grams).toBeCloseTo(1.3 * (six[0]?.grams ?? 0), 9);
    expect([weighed[0]?.records, weighed[1]?.records]).toEqual([5, 0]);
  });
  it('refuses a dwell that the oil does not bear', () => {
    const soak = REGIMENS.find((one) => one.id === 'long-soak');
    if (!soak) throw new Error('no regimen');
    expect(needsOf({ ...wish, regimen: soak, lots: { oil: lot({ bound: { flooded: 20, thin: 60 } }) } })).toMatchObject({
      ok: false,
      issues: [{ code: 'dwell-past-chemistry' }],
    });
  });
  it('goes by the coverage and the coats of a label', () => {
    const label = lot({ coverageM2PerL: 20, densityGPerMl: 0.9, labelCoats: 2 });
    const [oil] = made({ lots: { oil: label, paste: lot() } });
    expect(oil?.grams).toBeCloseTo((0.25104 / 20) * 1000 * 0.9 * 2 * 6, 6);
    const [more] = made({ lots: { oil: { ...label, labelCoats: 5 }, paste: lot() } });
    expect(more?.grams).toBeCloseTo(((oil?.grams ?? 0) / 2) * 5, 6);
  });
  it('reckons with no more than the pores hold', () => {
    const thin: Geometry = { shape: 'board', lengthMm: 400, widthMm: 260, thickMm: 0.5, grain: 'long' } as Geometry;
    const [oil, paste] = made({ geometry: thin });
    const most = poresMl(volumeMl(thin), 700) * 0.86 * 6;
    expect((oil?.grams ?? 0) + (paste?.grams ?? 0)).toBeCloseTo(most, 6);
    expect(oil?.grams).toBeGreaterThan(0);
  });
  it('lets a first soak lie past its bound where it was said why', () => {
    const soak = REGIMENS.find((one) => one.id === 'long-soak');
    if (!soak) throw new Error('no regimen');
    const bound = { flooded: 20, thin: 60 };
    expect(needsOf({ ...wish, regimen: soak, beyond: true, lots: { oil: lot({ bound }), paste: lot() } }).ok).toBe(true);
  });
});
