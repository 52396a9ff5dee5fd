import { describe, expect, it } from 'vitest';
import {
  answerOf,
  evenness,
  type GivenScore,
  kindTraits,
  meansOver,
  rangeOf,
  solidsPerM2,
  TRIAL_KINDS,
  taught,
  valuesOf,
} from '.';
import { MOST_TAUGHT } from './teach';

const LIES = [1, 2, 3].flatMap((board) => [
  { board, place: 1, treatment: board === 2 ? 'bare' : 'oil' },
  { board, place: 2, treatment: board === 2 ? 'oil' : 'bare' },
]);
const facts = { lies: LIES, treatments: ['bare', 'oil'], bare: 'bare', scores: [], pictures: [] };
const said = (board: number, place: number, value: number, more: Partial<GivenScore> = {}): GivenScore => ({
  board,
  place,
  value,
  cycle: 0,
  kind: 'gloss',
  who: 'W',
  ...more,
});

describe('the values of a trial', () => {
  it('take one person’s last word, and the mean of several people’s', () => {
    const values = valuesOf({ ...facts, scores: [said(1, 1, 2), said(1, 1, 4), said(1, 1, 5, { who: 'R' })] });
    expect(values).toEqual([{ block: '1', treatment: 'oil', cycle: 0, kind: 'gloss', value: 4.5 }]);
  });
  it('from pictures: against the bare field beside, against its own first picture, and how it glares', () => {
    const picture = (cycle: number, oil: number) => ({
      board: 1,
      cycle,
      lamp: 'even' as const,
      fields: [
        { place: 1, lab: [oil, 8, 20] as const, bright: 0 },
        { place: 2, lab: [70, 6, 18] as const, bright: 0 },
      ],
    });
    const low = { ...picture(0, 50), lamp: 'low' as const };
    const values = valuesOf({ ...facts, pictures: [picture(5, 58), picture(0, 50), low, picture(0, 52)] });
    const of = (kind: string, cycle: number, treatment: string) =>
      values.find((one) => one.kind === kind && one.cycle === cycle && one.treatment === treatment)?.value;
    expect(of('darkened', 0, 'bare')).toBe(0);
    expect(of('shift-since', 0, 'oil')).toBe(0);
    // The picture that was taken again stands: 52 and not 50.
    expect(of('shift-since', 5, 'oil')).toBeGreaterThan(4);
    expect(of('shift-since', 5, 'oil')).toBeLessThan(7);
    expect(of('darkened', 0, 'oil')).toBeGreaterThan(of('darkened', 5, 'oil') ?? 99);
    expect(of('shine', 0, 'oil')).toBe(0);
    expect(of('shift-since', 5, 'bare')).toBe(0);
  });
  it('give an answer by the way of their kind, and means for a look', () => {
    const scores = LIES.map(({ board, place, treatment }) => said(board, place, treatment === 'oil' ? 4 : 2));
    const values = valuesOf({ ...facts, scores });
    expect(answerOf(facts, values, { kind: 'gloss', against: 'bare' })).toMatchObject({
      ok: true,
      value: { against: 'bare', treatments: [{ verdict: 'reference' }, { verdict: 'better', difference: 2 }] },
    });
    expect(meansOver(values, 'gloss', facts.treatments)).toEqual([{ cycle: 0, means: { bare: 2, oil: 4 } }]);
    expect(meansOver(values, 'drop', facts.treatments)).toEqual([]);
  });
  it('of every kind have a range that holds where it must be renewed', () => {
    for (const kind of TRIAL_KINDS) {
      const [least, most] = rangeOf(kind);
      expect(kindTraits(kind).threshold).toBeGreaterThan(least);
      expect(kindTraits(kind).threshold).toBeLessThan(most);
    }
  });
});

describe('equal coats', () => {
  it('count what stays, not how many there were', () => {
    const thinned = solidsPerM2(
      [
        { grams: 1, volatileFraction: 0.5 },
        { grams: 1, volatileFraction: 0.5 },
      ],
      10_000,
    );
    expect(thinned).toBeCloseTo(100, 9);
    expect(solidsPerM2([{ grams: 1, volatileFraction: 0 }], 0)).toBe(0);
    const rows = evenness([
      { treatment: 'thinned', solidsPerM2: thinned, coats: 2 },
      { treatment: 'neat', solidsPerM2: 200, coats: 2 },
      { treatment: 'paste', solidsPerM2: 190, coats: 2 },
      { treatment: 'bare', solidsPerM2: 0, coats: 0 },
    ]);
    expect(rows[0]).toMatchObject({ isUnequal: true, coatsForEqual: 4 });
    expect(rows[1]).toMatchObject({ isUnequal: false, coatsForEqual: null });
    expect(rows[3]).toMatchObject({ times: null, isUnequal: false });
    expect(evenness([])).toEqual([]);
  });
});

describe('what washing teaches', () => {
  const one = { cycles: 20, knownCycles: 10, boards: 4, knownDays: 30, houseDays: 30 };
  it('is a mean of logarithms in which the house’s interval is worth four boards', () => {
    expect(taught([]).factor).toBe(1);
    // Twice the cycles on four boards against four of the house: the root of two.
    expect(taught([one])).toMatchObject({ boards: 4, trials: 1 });
    expect(taught([one]).factor).toBeCloseTo(Math.SQRT2, 9);
    expect(taught([one, { ...one, cycles: 10 }]).factor).toBeCloseTo(2 ** (4 / 12), 9);
    // What is known of it is said already: nothing is moved.
    expect(taught([{ ...one, houseDays: 60 }]).factor).toBeCloseTo(1, 9);
  });
  it('is bounded, and what says nothing is left out', () => {
    expect(taught([{ ...one, cycles: 1e6, boards: 400 }]).factor).toBe(MOST_TAUGHT);
    expect(
      taught([
        { ...one, knownCycles: 0 },
        { ...one, boards: 0 },
      ]),
    ).toEqual({ factor: 1, boards: 0, trials: 0 });
  });
});
