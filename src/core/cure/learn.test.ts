import { describe, expect, it } from 'vitest';
import { learnA0, nextBatch, type PastBatch, saidBy } from '.';
import { LN_SCALE, LN_SPREAD, neededHours, quantile, Z_VARIANCE } from './cure';
import { LEVELS, WITHIN } from './learn';
import { coverage } from './simulated';

describe('the shop’s own A0', () => {
  it('rests on these figures, which together make the shipped spread', () => {
    expect(LEVELS).toEqual({ shop: 0.25, formula: 0.2, wood: 0.12 });
    expect(LEVELS.shop ** 2 + LEVELS.formula ** 2 + LEVELS.wood ** 2 + WITHIN ** 2).toBeCloseTo(LN_SPREAD ** 2, 12);
    const nothing = nextBatch(learnA0([]), 'any', 'any');
    expect([nothing.lnShift, nothing.records]).toEqual([0, 0]);
    expect(nothing.scale).toBeCloseTo(LN_SCALE, 12);
    // The prior's own variance: that of a Student's t cut at six, not that of a normal curve of its scale.
    expect(LN_SPREAD ** 2).toBeCloseTo(LN_SCALE ** 2 * Z_VARIANCE, 12);
    expect(Z_VARIANCE).toBeGreaterThan(1.5);
  });
  it('moves little by one batch, and to what many say', () => {
    const said = (count: number): PastBatch[] =>
      Array.from({ length: count }, () => ({ formula: 'tung', wood: 'pear', lnShift: 0.4, variance: 0.01 }));
    const [one, many] = [nextBatch(learnA0(said(1)), 'tung', 'pear'), nextBatch(learnA0(said(200)), 'tung', 'pear')];
    expect(one.lnShift).toBeGreaterThan(0.1);
    expect(one.lnShift).toBeLessThan(0.38);
    expect(many.lnShift).toBeCloseTo(0.4, 2);
    expect(many.scale).toBeLessThan(one.scale);
    expect(many.scale).toBeGreaterThan(WITHIN / Math.sqrt(Z_VARIANCE));
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
    expect(own.scale).toBeLessThan(wood.scale);
    expect(wood.scale).toBeLessThan(other.scale);
  });
  it('hears what checks say, not what was believed before them', () => {
    expect(saidBy(neededHours(240, [], 'oxidise'), 240)).toBeNull();
    const long = saidBy(
      neededHours(
        240,
        [
          { ageHours: 300, kind: 'towel', pass: false },
          { ageHours: 360, kind: 'smell', pass: true },
        ],
        'settle',
      ),
      240,
    );
    const short = saidBy(
      neededHours(
        240,
        (['towel', 'smell', 'touch'] as const).map((kind) => ({ ageHours: 120, kind, pass: true })),
        'settle',
      ),
      240,
    );
    expect(long?.lnShift).toBeGreaterThan(Math.log(280 / 240));
    expect(short?.lnShift).toBeLessThan(0);
    expect(long?.variance).toBeGreaterThan(0);
  });
  it('is still taught by ten past batches, from checks alone', () => {
    // Ten batches that were not ready at A0 and were at one and a half: paper and nose, as a maker records them.
    const slow = saidBy(
      neededHours(
        240,
        [
          { ageHours: 250, kind: 'towel', pass: false },
          { ageHours: 300, kind: 'smell', pass: false },
          { ageHours: 360, kind: 'towel', pass: true },
          { ageHours: 380, kind: 'smell', pass: true },
        ],
        'settle',
      ),
      240,
    );
    if (!slow) throw new Error('they said nothing');
    const taught = nextBatch(
      learnA0(Array.from({ length: 10 }, () => ({ formula: 'tung', wood: 'pear', ...slow }))),
      'tung',
      'pear',
    );
    expect(Math.exp(taught.lnShift)).toBeGreaterThan(1.15);
    expect(Math.exp(taught.lnShift)).toBeLessThan(1.6);
    expect(taught.scale).toBeLessThan(LN_SCALE);
    const late = (scale: number, shift: number) => quantile(neededHours(240 * Math.exp(shift), [], 'oxidise', scale), 0.9) ?? 0;
    expect(late(taught.scale, taught.lnShift) / (240 * Math.exp(taught.lnShift))).toBeLessThan(late(LN_SCALE, 0) / 240);
  });
  it('holds eight in ten of two thousand simulated batches in its band of eight in ten', () => {
    const { held, all } = coverage(11, 2000);
    expect(held / all).toBeGreaterThan(0.75);
    expect(held / all).toBeLessThan(0.85);
  });
  it('is tried against the same simulated shops for the same seed, whole shops of twenty batches', () => {
    expect(coverage(3, 50)).toEqual(coverage(3, 50));
    expect(coverage(3, 50).all).toBe(60);
    expect(new Set([3, 4, 5, 6].map((seed) => coverage(seed, 100).held)).size).toBeGreaterThan(1);
  });
});
