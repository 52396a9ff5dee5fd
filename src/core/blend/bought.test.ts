import { describe, expect, it } from 'vitest';
import { type Bought, natureOfBought, sharesOfBought, UNDECLARED, withUndeclared } from './bought';

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
};
const of = (change: Partial<Bought>) => natureOfBought({ ...bought, ...change });

describe('a bought finish', () => {
  it('with undeclared contents is neither varnish nor mineral oil nor anything else that is known', () => {
    for (const drying of ['drying', 'never'] as const) {
      expect(sharesOfBought({ ...bought, drying } as Bought)).toEqual({ [UNDECLARED]: 1 });
      const nature = of({ drying });
      expect(nature).toMatchObject({
        drying,
        lines: [],
        driedLines: [],
        knifeSurface: true,
        ragHazard: 'self-heating',
        flammable: true,
      });
      expect(nature.contact).toBe('once-cured');
      expect(nature.allergens).toEqual([]);
    }
  });
  it('takes the shares its data sheet gives; what is left is shared by what is only named, and by what is not', () => {
    const named = { ...bought, declared: ['tung-oil', 'beeswax'] };
    expect(sharesOfBought({ ...named, shares: { 'tung-oil': 0.6 } })).toEqual({
      'tung-oil': 0.6,
      beeswax: 0.2,
      [UNDECLARED]: 0.2,
    });
    expect(sharesOfBought({ ...named, isAllDeclared: true, shares: { 'tung-oil': 0.6 } })).toEqual({
      'tung-oil': 0.6,
      beeswax: 0.4,
    });
    expect(sharesOfBought({ ...named, isAllDeclared: true })).toEqual({ 'tung-oil': 0.5, beeswax: 0.5 });
    expect(sharesOfBought({ ...named, isAllDeclared: true, shares: { 'tung-oil': 0.3, beeswax: 0.2 } })).toEqual({
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
    const mixed = withUndeclared({ 'mineral-oil': 0.5, [UNDECLARED]: 0.5 }, [bought]);
    expect(mixed).toMatchObject({ ragHazard: 'self-heating', flammable: true, contact: 'once-cured' });
    expect(withUndeclared({ [UNDECLARED]: 1 }, [{ ...bought, contact: 'not-for-food' }])?.contact).toBe('not-for-food');
    expect(withUndeclared({ 'mineral-oil': 1 }, [])?.ragHazard).toBe('plain');
    expect(withUndeclared({}, [])).toBeNull();
  });
});
