import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fieldsOn, layFields, MOST_SCORES, powerOf, trial } from '.';
import { LEAST_FIELD_MM, TAPE_MM } from './layout';

const names = (n: number): string[] => Array.from({ length: n }, (_, i) => `t${i}`);

describe('the fields of a trial', () => {
  it('bear every treatment once a board, each place as often as the others within one, the same for the same seed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 8 }), fc.integer({ min: 1, max: 17 }), fc.integer(), (n, boards, seed) => {
        const laid = layFields(names(n), boards, seed);
        if (!laid.ok) throw new Error('not laid');
        for (const order of laid.value) expect([...order].sort()).toEqual(names(n).sort());
        for (const treatment of names(n)) {
          const at = names(n).map((_, place) => laid.value.filter((order) => order[place] === treatment).length);
          expect(Math.max(...at) - Math.min(...at)).toBeLessThanOrEqual(1);
        }
        expect(layFields(names(n), boards, seed)).toEqual(laid);
      }),
      { numRuns: 200 },
    );
  });
  it('fill the board with tape between them, and are refused where they become too small', () => {
    const fields = fieldsOn(['a', 'b', 'c'], 300);
    if (!fields.ok) throw new Error('no fields');
    expect(fields.value.reduce((sum, one) => sum + one.lengthMm, 0) + 2 * TAPE_MM).toBeCloseTo(300, 9);
    expect(fields.value[2]?.fromMm).toBeCloseTo(204, 9);
    expect(fieldsOn(['a', 'b', 'c'], 3 * LEAST_FIELD_MM + 2 * TAPE_MM - 1).ok).toBe(false);
  });
  it('want two treatments, each once, and a board', () => {
    for (const [treatments, boards] of [
      [['a'], 3],
      [['a', 'a'], 3],
      [['a', 'b'], 0],
      [['a', 'b'], 2.5],
    ] as const)
      expect(layFields(treatments, boards, 1).ok).toBe(false);
  });
});

describe('how many boards tell a difference', () => {
  const power = (boards: number, differ: number, treatments = 3): number => {
    const made = powerOf({ boards, treatments, differ });
    if (!made.ok) throw new Error('no power');
    return made.value;
  };
  it('grows with boards and with the difference, and falls with each field more', () => {
    expect(power(3, 1)).toBeLessThan(power(6, 1));
    expect(power(6, 1)).toBeLessThan(power(6, 2));
    expect(power(6, 1, 4)).toBeLessThan(power(6, 1, 2));
    expect(power(6, 0)).toBeLessThan(0.03);
  });
  /** Whole trials made up score by score, in grades; nobody named what to compare with. */
  function madeUp(boards: number, treatments: number, differ: number, runs: number) {
    let state = 7;
    const uniform = (): number => {
      state = (state * 1_103_515_245 + 12_345) % 2 ** 31;
      return (state + 0.5) / 2 ** 31;
    };
    const noise = (): number => 0.7 * Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
    return Array.from({ length: runs }, () => {
      const scores = Array.from({ length: boards }, (_, b) => ({ b, middle: 3 + uniform() })).flatMap(({ b, middle }) =>
        names(treatments).map((treatment, t) => ({
          block: `b${b}`,
          treatment,
          cycle: 0,
          kind: 'gloss',
          value: Math.round(middle + (t === 0 ? differ : 0) + noise()),
        })),
      );
      const answer = trial({ treatments: names(treatments), kind: 'gloss', better: 'high', scores, step: 1 });
      if (!answer.ok) throw new Error('no answer');
      return answer.value;
    });
  }
  it('agrees with whole trials made up score by score', () => {
    const told = madeUp(5, 3, 1, 400).filter((one) => one.against === 't0' && one.treatments[1]?.verdict === 'worse').length;
    expect(Math.abs(told / 400 - power(5, 1))).toBeLessThan(0.08);
  });
  it.each([
    [3, 2],
    [4, 3],
    [4, 6],
  ])('calls something where there is nothing in no more than one trial in ten: %d boards, %d finishes', (boards, treatments) => {
    const called = madeUp(boards, treatments, 0, 600).filter((one) => one.treatments.some(({ verdict }) => verdict === 'worse'));
    expect(called.length / 600).toBeLessThan(0.125);
  });
  it('of two boards and two treatments is none: that says nothing', () => {
    expect(powerOf({ boards: 2, treatments: 2, differ: 3 })).toEqual({ ok: true, value: 0 });
    expect(powerOf({ boards: 1, treatments: 2, differ: 3 }).ok).toBe(false);
    expect(powerOf({ boards: 4, treatments: 2, differ: 3, sd: 0 }).ok).toBe(false);
  });
});

describe('a trial', () => {
  const score = (block: string, treatment: string, cycle: number, value: number) => ({
    block,
    treatment,
    cycle,
    kind: 'gloss',
    value,
  });
  it('is refused where no cycle is whole, and where its control was never tried', () => {
    const half = { treatments: ['a', 'b'], kind: 'gloss', better: 'high', scores: [score('1', 'a', 0, 3)] };
    expect(trial(half)).toMatchObject({ ok: false, issues: [{ code: 'no-complete-cycle' }] });
    expect(trial({ ...half, control: 'c' })).toMatchObject({ ok: false });
    expect(trial({ ...half, treatments: ['a', 'a'] })).toMatchObject({ ok: false });
  });
  it('refuses a score for what is not in it, and a second one for the same field', () => {
    const whole = { treatments: ['a', 'b'], kind: 'gloss', better: 'high' };
    const scores = ['1', '2', '3'].flatMap((block) => [score(block, 'a', 0, 3), score(block, 'b', 0, 4)]);
    expect(trial({ ...whole, scores }).ok).toBe(true);
    expect(trial({ ...whole, scores: [...scores, score('1', 'c', 0, 3)] })).toMatchObject({
      issues: [{ path: 'scores.6.treatment' }],
    });
    expect(trial({ ...whole, scores: [...scores, score('1', 'a', 0, 3)] })).toMatchObject({ issues: [{ path: 'scores' }] });
  });
  it('scored in grades is not certain because the grades agree', () => {
    const scores = ['1', '2', '3'].flatMap((block) => [
      score(block, 'a', 0, 4),
      score(block, 'b', 0, 3),
      score(block, 'c', 0, 3),
    ]);
    const answer = trial({ treatments: ['a', 'b', 'c'], control: 'b', kind: 'gloss', better: 'high', scores, step: 1 });
    expect(answer.ok && answer.value.treatments[0]?.high).toBeGreaterThan(1.2);
  });
  it('without any scatter is sure, and of alike means is even', () => {
    const scores = ['1', '2', '3'].flatMap((block) => [
      score(block, 'a', 0, 4),
      score(block, 'b', 0, 3),
      score(block, 'c', 0, 3),
    ]);
    const answer = trial({ treatments: ['a', 'b', 'c'], control: 'b', kind: 'gloss', better: 'high', scores });
    expect(answer).toMatchObject({
      ok: true,
      value: { treatments: [{ probBetter: 1, verdict: 'better' }, { verdict: 'reference' }, { probBetter: 0.5 }] },
    });
  });
});

describe('a field that starts at its limit', () => {
  it('is worn from the beginning, on whichever side better lies', () => {
    const scores = (first: readonly number[]) =>
      [1, 2, 3].flatMap((block) =>
        [0, 10].flatMap((cycle) =>
          ['a', 'b'].map((treatment, i) => ({
            block: `b${block}`,
            treatment,
            cycle,
            kind: 'gloss',
            value: (first[i] ?? 0) - cycle * 0.1 + block * 0.01,
          })),
        ),
      );
    const worn = (first: readonly number[], better: 'high' | 'low', threshold: number) => {
      const answer = trial({ treatments: ['a', 'b'], kind: 'gloss', better, scores: scores(first), threshold });
      if (!answer.ok) throw new Error(JSON.stringify(answer.issues));
      return answer.value.treatments.map((one) => one.wornAtFirst);
    };
    expect(worn([9, 3], 'high', 4)).toEqual([false, true]);
    expect(worn([9, 3], 'low', 4)).toEqual([true, false]);
  });
});

describe('the scores of a trial', () => {
  it('are no more than a shop could ever give', () => {
    const scores = Array.from({ length: MOST_SCORES + 1 }, () => ({ block: 'b', treatment: 'a', cycle: 0, kind: 'k', value: 1 }));
    expect(trial({ treatments: ['a', 'b'], kind: 'k', better: 'high', scores })).toMatchObject({
      ok: false,
      issues: [{ code: 'too-many', path: 'scores' }],
    });
  });
});
