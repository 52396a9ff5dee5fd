import { describe, expect, it } from 'vitest';
import { SHIPPED } from '@/core/material';
import {
  type Bought,
  densityOfBought,
  driesByNothing,
  filmOfBought,
  natureOfBought,
  sharesOfBought,
  UNDECLARED,
  withUndeclared,
} from './bought';

const bought: Bought = {
  declared: [],
  shares: {},
  isAllDeclared: false,
  drying: 'drying',
  isPaste: false,
  contact: 'once-cured',
  densityGPerMl: 0.92,
  labelDwellMin: null,
  labelDwellMaxMin: null,
  buildsFilm: null,
};
const of = (change: Partial<Bought>) => natureOfBought({ ...bought, ...change }, SHIPPED);

describe('a bought finish', () => {
  it('with undeclared contents is neither varnish nor mineral oil nor anything else that is known', () => {
    for (const drying of ['drying', 'never'] as const) {
      expect(sharesOfBought({ ...bought, drying } as Bought, SHIPPED)).toEqual({ [UNDECLARED]: 1 });
      const nature = of({ drying });
      expect(nature).toMatchObject({
        drying,
        lines: [],
        driedLines: [],
        film: 'unknown',
        knifeSurface: false,
        ragHazard: 'self-heating',
        flammable: true,
      });
      expect(nature.contact).toBe('once-cured');
      expect(nature.allergens).toEqual([]);
    }
  });
  it('builds a film that nobody ruled out, unless its label or all of its contents say otherwise', () => {
    const film = (change: Partial<Bought>) => filmOfBought({ ...bought, ...change }, SHIPPED);
    expect(film({ declared: ['tung-oil'] })).toBe('unknown');
    expect(film({ declared: ['tung-oil'], isAllDeclared: true })).toBe(false);
    expect(film({ buildsFilm: false })).toBe(false);
    expect(film({ declared: ['wiping-varnish'], buildsFilm: false })).toBe(true);
    expect(film({ declared: ['tung-oil'], isAllDeclared: true, buildsFilm: true })).toBe(true);
    const mixed = withUndeclared({ 'tung-oil': 0.5, [UNDECLARED]: 0.5 }, [bought], SHIPPED);
    expect(mixed).toMatchObject({ film: 'unknown', knifeSurface: false });
    expect(withUndeclared({ 'tung-oil': 1 }, [{ ...bought, buildsFilm: false }], SHIPPED)?.film).toBe(false);
  });
  it('that dries heats its cloths whatever it declares, and cannot dry by what never does', () => {
    const waxes: Partial<Bought> = { declared: ['beeswax', 'carnauba-wax'], isAllDeclared: true };
    expect(of(waxes).ragHazard).toBe('self-heating');
    expect(of({ ...waxes, drying: 'never' }).ragHazard).toBe('plain');
    const says = (change: Partial<Bought>) => driesByNothing({ ...bought, ...change }, SHIPPED);
    expect(says(waxes)).toBe(true);
    expect(says({ declared: ['mineral-oil'], isAllDeclared: true })).toBe(true);
    expect(says({ declared: ['beeswax', 'tung-oil'], isAllDeclared: true })).toBe(false);
    expect(says({ ...waxes, isAllDeclared: false })).toBe(false);
    expect(says({ ...waxes, drying: 'never' })).toBe(false);
  });
  it('weighs what its contents weigh until a sheet says otherwise', () => {
    expect(densityOfBought({ declared: ['beeswax'], shares: {}, isAllDeclared: true }, SHIPPED)).toBeCloseTo(0.96, 2);
    expect(
      densityOfBought({ declared: ['citrus-solvent'], shares: { 'citrus-solvent': 0.5 }, isAllDeclared: false }, SHIPPED),
    ).toBeCloseTo(1 / (0.5 / 0.84 + 0.5 / 0.92), 2);
  });
  it('takes the shares its data sheet gives; what is left is shared by what is only named, and by what is not', () => {
    const named = { ...bought, declared: ['tung-oil', 'beeswax'] };
    expect(sharesOfBought({ ...named, shares: { 'tung-oil': 0.6 } }, SHIPPED)).toEqual({
      'tung-oil': 0.6,
      beeswax: 0.2,
      [UNDECLARED]: 0.2,
    });
    expect(sharesOfBought({ ...named, isAllDeclared: true, shares: { 'tung-oil': 0.6 } }, SHIPPED)).toEqual({
      'tung-oil': 0.6,
      beeswax: 0.4,
    });
    expect(sharesOfBought({ ...named, isAllDeclared: true }, SHIPPED)).toEqual({ 'tung-oil': 0.5, beeswax: 0.5 });
    expect(sharesOfBought({ ...named, isAllDeclared: true, shares: { 'tung-oil': 0.3, beeswax: 0.2 } }, SHIPPED)).toEqual({
      'tung-oil': 0.6,
      beeswax: 0.4,
    });
  });
  it('goes by its label where it speaks: a range is its bound, one figure only widens the usual one', () => {
    expect(of({}).maxDwellMin).toEqual({ flooded: 20, thin: 60 });
    expect(of({ labelDwellMin: 15 }).maxDwellMin).toEqual({ flooded: 20, thin: 60 });
    expect(of({ labelDwellMin: 90 }).maxDwellMin).toEqual({ flooded: 90, thin: 90 });
    expect(of({ labelDwellMin: 5, labelDwellMaxMin: 10 }).maxDwellMin).toEqual({ flooded: 10, thin: 10 });
    expect(of({ drying: 'never', labelDwellMin: 15 }).maxDwellMin).toEqual({ flooded: null, thin: null });
  });
  it('stays unknown in what it is poured into', () => {
    const mixed = withUndeclared({ 'mineral-oil': 0.5, [UNDECLARED]: 0.5 }, [bought], SHIPPED);
    expect(mixed).toMatchObject({ ragHazard: 'self-heating', flammable: true, contact: 'once-cured' });
    expect(withUndeclared({ [UNDECLARED]: 1 }, [{ ...bought, contact: 'not-for-food' }], SHIPPED)?.contact).toBe('not-for-food');
    expect(withUndeclared({ 'mineral-oil': 1 }, [], SHIPPED)?.ragHazard).toBe('plain');
    expect(withUndeclared({}, [], SHIPPED)).toBeNull();
  });
});
