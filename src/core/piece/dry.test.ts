import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dryByWeight, STEADY } from './dry';

const DAY = 86_400_000;
const weighed = (...grams: readonly (readonly [number, number])[]) => grams.map(([day, g]) => ({ atMs: day * DAY, grams: g }));

describe('a blank on the scale', () => {
  it('rests on these figures', () => expect(STEADY).toEqual({ share: 0.002, days: 3 }));
  it('is steady once it hardly loses any more, and then as dry as its air', () => {
    const found = dryByWeight(weighed([0, 900], [10, 801], [14, 800.6], [18, 800.3]), 10);
    expect(found).toMatchObject({ steady: true, restsAtG: 800.3, steadyAtMs: null });
    expect(found?.percent).toBeCloseTo(10, 9);
    expect(dryByWeight(weighed([0, 900], [4, 880]), 10)).toMatchObject({ steady: false, restsAtG: null, percent: null });
  });
  it('says nothing of one weighing, or of two within a day', () => {
    expect(dryByWeight(weighed([0, 900]), 10)).toBeNull();
    expect(dryByWeight(weighed([0, 900], [0.5, 899]), 10)).toBeNull();
  });
  it('finds what it rests at and when, on a blank that dries as the law says', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.03, max: 0.3, noNaN: true }), fc.double({ min: 0.05, max: 0.4, noNaN: true }), (k, wet) => {
        const grams = (day: number) => 700 * (1 + wet * Math.exp(-k * day));
        const days = [0, 2, 4, 7, 10];
        const found = dryByWeight(
          days.map((day) => ({ atMs: day * DAY, grams: grams(day) })),
          10,
        );
        if (found?.steady) return;
        expect(Math.abs((found?.restsAtG ?? 0) / 700 - 1)).toBeLessThan(0.03);
        const at = Math.log((k * 700 * wet * STEADY.days) / (STEADY.share * 700)) / k;
        if (at > 10) expect(Math.abs((found?.steadyAtMs ?? 0) / DAY - at)).toBeLessThan(0.12 * at + 1);
      }),
      { seed: 9, numRuns: 200 },
    );
  });
  it('never calls a blank dry that gains, or that falls as fast as ever', () => {
    expect(dryByWeight(weighed([0, 800], [4, 820]), 10)?.steady).toBe(false);
    expect(dryByWeight(weighed([0, 1000], [4, 960], [8, 920]), 10)?.steady).toBe(false);
  });
});
