import { describe, expect, it } from 'vitest';
import { learnA0, nextBatch, type PastBatch, saidBy } from '.';
import { LN_SPREAD, neededHours } from './cure';
import { LEVELS, WITHIN } from './learn';
import { coverage } from './simulated';

describe('the shop’s own A0', () => {
  it('rests on these figures, which together make the shipped spread', () => {
    expect(LEVELS).toEqual({ shop: 0.25, formula: 0.2, wood: 0.12 });
    expect(LEVELS.shop ** 2 + LEVELS.formula ** 2 + LEVELS.wood ** 2 + WITHIN ** 2).toBeCloseTo(LN_SPREAD ** 2, 12);
    const nothing = nextBatch(learnA0([]), 'any', 'any');
    expect([nothing.lnShift, nothing.records]).toEqual([0, 0]);
    expect(nothing.spread).toBeCloseTo(LN_SPREAD, 12);
  });
  it('moves little by one batch, and to what many say', () => {
    const said = (count: number): PastBatch[] =>
      Array.from({ length: count }, () => ({ formula: 'tung', wood: 'pear', lnShift: 0.4, variance: 0.01 }));
    const [one, many] = [nextBatch(learnA0(said(1)), 'tung', 'pear'), nextBatch(learnA0(said(200)), 'tung', 'pear')];
    expect(one.lnShift).toBeGreaterThan(0.1);
    expect(one.lnShift).toBeLessThan(0.38);
    expect(many.lnShift).toBeCloseTo(0.4, 2);
    expect(many.spread).toBeLessThan(one.spread);
    expect(many.spread).toBeGreaterThan(WITHIN);
  });
  it('lends from wood to wood and from formula to formula, less at each remove', () => {
    const learned = learnA0(Array.from({ length: 12 }, () => ({ formula: 'tung', wood: 'pear', lnShift: 0.5, variance: 0.01 })));
    const [own, wood, other] = [
      nextBatch(learned, 'tung', 'pear'),
      nextBatch(learned, 'tung', 'ash'),
      nextBatch(learned, 'hemp', 'ash'),
    ];
    expect(own.lnShift).toBeGreaterThan(wood.lnShift);
    expect(wood.lnShift).toBeGreaterThan(other.lnShift);
    expect(other.lnShift).toBeGreaterThan(0.05);
    expect(own.spread).toBeLessThan(wood.spread);
    expect(wood.spread).toBeLessThan(other.spread);
  });
  it('hears what checks say, not what was believed before them', () => {
    expect(saidBy(neededHours(240, []), 240)).toBeNull();
    const long = saidBy(
      neededHours(240, [
        { ageHours: 300, kind: 'towel', pass: false },
        { ageHours: 360, kind: 'smell', pass: true },
      ]),
      240,
    );
    const short = saidBy(
      neededHours(
        240,
        (['towel', 'smell', 'touch'] as const).map((kind) => ({ ageHours: 120, kind, pass: true })),
      ),
      240,
    );
    expect(long?.lnShift).toBeGreaterThan(Math.log(280 / 240));
    expect(short?.lnShift).toBeLessThan(0);
    expect(long?.variance).toBeGreaterThan(0);
  });
  it('holds eight in ten of two thousand simulated batches in its band of eight in ten', () => {
    const { held, all } = coverage(11, 2000);
    expect(held / all).toBeGreaterThan(0.75);
    expect(held / all).toBeLessThan(0.85);
  });
});
