import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FIRST_RESIDUE_G, mostJars, residueFor } from './most';

const LINES = [
  { ingredient: 'mineral-oil', massFraction: 0.8 },
  { ingredient: 'beeswax', massFraction: 0.2 },
];
const TIN = { capacityMl: 100, fillFraction: 0.9, have: 30 };

describe('most that can be filled now', () => {
  it('ends with the ingredient that runs out first, or with the jars', () => {
    // 90 ml at 0.88 g/ml: 79.2 g a tin; 1600 g of oil make 2000 g, 25 tins.
    expect(mostJars(LINES, { 'mineral-oil': 1600, beeswax: 900 }, 0.88, 0, TIN)).toEqual({ count: 25, endsWith: 'mineral-oil' });
    expect(mostJars(LINES, { 'mineral-oil': 1600, beeswax: 90 }, 0.88, 0, TIN)).toEqual({ count: 5, endsWith: 'beeswax' });
    expect(mostJars(LINES, { 'mineral-oil': 9000, beeswax: 9000 }, 0.88, 0, TIN)).toEqual({ count: 30, endsWith: 'jars' });
    expect(mostJars(LINES, { 'mineral-oil': 9000 }, 0.88, 0, TIN)).toEqual({ count: 0, endsWith: 'beeswax' });
  });
  it('reckons what stays in the pot, and fills a tin that comes out exactly', () => {
    expect(mostJars(LINES, { 'mineral-oil': 79.2 * 0.8 * 3, beeswax: 99 }, 0.88, 0, TIN).count).toBe(3);
    expect(mostJars(LINES, { 'mineral-oil': 79.2 * 0.8 * 3, beeswax: 99 }, 0.88, 12, TIN).count).toBe(2);
    expect(mostJars([], {}, 0.88, 0, TIN)).toEqual({ count: 30, endsWith: 'jars' });
  });
  it('weighs on top what usually stays, and at first a little where jars are to come out full', () => {
    expect([residueFor(6.5, false), residueFor(6.5, true)]).toEqual([6.5, 6.5]);
    expect([residueFor(0, false), residueFor(0, true)]).toEqual([0, FIRST_RESIDUE_G]);
  });
  it('never asks for more of anything than there is', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 5000, noNaN: true }), fc.double({ min: 0, max: 5000, noNaN: true }), (oil, wax) => {
        const { count } = mostJars(LINES, { 'mineral-oil': oil, beeswax: wax }, 0.88, 5, TIN);
        const potG = count === 0 ? 0 : count * 79.2 + 5;
        expect(potG * 0.8).toBeLessThanOrEqual(oil + 1e-3);
        expect(potG * 0.2).toBeLessThanOrEqual(wax + 1e-3);
      }),
    );
  });
});
