import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '@/core/material';
import {
  blend,
  type Consistency,
  densityAt,
  everyUnit,
  FEEL_BANDS,
  fitThumbs,
  forPurpose,
  gather,
  PURPOSES,
  type Purpose,
  spreadOver,
  thinning,
  understand,
  waxEquivalentAt,
} from '.';
import { sameBlend } from './file';
import { addForFeel, PURPOSE_FEEL } from './purpose';

const PASTE = [
  { ingredient: 'beeswax', parts: 1 },
  { ingredient: 'mineral-oil', parts: 3.5 },
];

/** What each purpose feels like, by the bands. */
const FELT: Readonly<Record<Purpose, Consistency>> = {
  feed: 'liquid',
  salve: 'cream',
  'board-paste': 'soft-paste',
  'firm-paste': 'firm-paste',
  'tool-block': 'soap',
  'hard-polish': 'bar',
};

describe('feel for a purpose', () => {
  it.each(PURPOSES)('%s is reached at any room temperature', (purpose) => {
    for (const ambientC of [12, 20, 27]) {
      const found = forPurpose(PASTE, 'mass', purpose, ambientC, SHIPPED);
      if (!found.ok) throw new Error(purpose);
      const made = blend(
        {
          lines: PASTE.map((line, i) => ({ ...line, parts: found.value.fractions[i] })),
          make: { massG: 1 },
          ambientC,
        },
        SHIPPED,
      );
      expect(made.ok && waxEquivalentAt(made.value.waxEquivalent, ambientC)).toBeCloseTo(PURPOSE_FEEL[purpose], 12);
      // What the maker feels is the band the purpose lies in, well inside it, in a warm room as in a cold one.
      const band = made.ok ? FEEL_BANDS.findIndex((one) => one.feel === made.value.consistency) : -1;
      const [from, to] = [FEEL_BANDS[band - 1]?.below ?? 0, FEEL_BANDS[band]?.below ?? 0];
      expect([purpose, made.ok && made.value.consistency]).toEqual([purpose, FELT[purpose]]);
      expect(PURPOSE_FEEL[purpose] - from).toBeGreaterThan(0.02);
      expect(to - PURPOSE_FEEL[purpose]).toBeGreaterThan(0.02);
    }
  });
  it('says why it cannot be', () => {
    const oil = [{ ingredient: 'mineral-oil', parts: 1 }];
    expect(forPurpose(oil, 'mass', 'feed', 20, SHIPPED)).toMatchObject({ issues: [{ code: 'no-wax' }] });
    expect(forPurpose([{ ingredient: 'beeswax', parts: 1 }], 'mass', 'feed', 20, SHIPPED)).toMatchObject({
      issues: [{ code: 'only-wax' }],
    });
    expect(forPurpose(PASTE, 'mass', 'hard-polish', 60, SHIPPED)).toMatchObject({ issues: [{ code: 'wax-too-soft' }] });
  });
  it('adds what it takes to a pot that set too soft or too hard', () => {
    const add = addForFeel(800, 0.2, 0.32, { id: 'beeswax', hardening: 1 });
    expect(add.ok && (800 * 0.2 + add.value.addG) / add.value.totalG).toBeCloseTo(0.32, 12);
    const soften = addForFeel(800, 0.4, 0.2, { id: 'mineral-oil', hardening: 0 });
    expect(soften.ok && soften.value.addG).toBeCloseTo(800, 9);
    expect(addForFeel(800, 0.2, 0.32, { id: 'mineral-oil', hardening: 0 })).toMatchObject({ issues: [{ code: 'wrong-way' }] });
  });
});

describe('thumb tests', () => {
  const test = (felt: 'cream' | 'soft-paste' | 'firm-paste' | 'soap', beeswax: number, tempC = 20) => ({
    fractions: { beeswax, 'mineral-oil': 1 - beeswax },
    tempC,
    felt,
  });
  it('leave the shipped value where it agrees and move it where it does not', () => {
    expect(fitThumbs([], SHIPPED)).toEqual([]);
    const [agrees] = fitThumbs([test('soft-paste', 0.19), test('firm-paste', 0.32)], SHIPPED);
    expect(agrees).toMatchObject({ ingredient: 'beeswax', before: 1, tests: 2 });
    expect(agrees?.after).toBeCloseTo(1, 2);
    const [harder] = fitThumbs([test('firm-paste', 0.2), test('soap', 0.33), test('soap', 0.35, 18)], SHIPPED);
    expect(harder?.after).toBeGreaterThan(1.3);
    // One test moves it less than three that say the same.
    const [once] = fitThumbs([test('soap', 0.33)], SHIPPED);
    const [thrice] = fitThumbs([test('soap', 0.33), test('soap', 0.33), test('soap', 0.33)], SHIPPED);
    expect(once?.after ?? 0).toBeLessThan(thrice?.after ?? 0);
  });
  it('is the least of its own sum of squares', () => {
    const tests = [
      test('firm-paste', 0.2),
      { fractions: { 'carnauba-wax': 0.1, beeswax: 0.1, 'mineral-oil': 0.8 }, tempC: 23, felt: 'firm-paste' as const },
    ];
    const fitted = fitThumbs(tests, SHIPPED);
    const middle = (0.24 + 0.4) / 2;
    const cost = (factors: readonly number[]): number =>
      tests.reduce(
        (sum, one) => {
          const e = fitted.reduce(
            (total, wax, j) =>
              total + ((one.fractions as Record<string, number>)[wax.ingredient] ?? 0) * wax.before * (factors[j] ?? 1),
            0,
          );
          return sum + ((middle - waxEquivalentAt(e, one.tempC)) / 0.05) ** 2;
        },
        factors.reduce((sum, factor) => sum + ((factor - 1) / 0.25) ** 2, 0),
      );
    const best = fitted.map((wax) => wax.after / wax.before);
    for (const [j, nudge] of [
      [0, 0.01],
      [0, -0.01],
      [1, 0.01],
      [1, -0.01],
    ] as const)
      expect(cost(best.map((factor, i) => (i === j ? factor + nudge : factor)))).toBeGreaterThan(cost(best));
  });
});

describe('thinned blends', () => {
  const letDown = (oil: number, solvent: number) => [
    { ingredient: 'tung-oil', parts: oil },
    { ingredient: 'citrus-solvent', parts: solvent },
  ];
  it('count coats by what stays, and refuse more solvent than oil', () => {
    expect(thinning(PASTE, 'mass', SHIPPED)).toBeNull();
    expect(thinning(letDown(1, 1), 'mass', SHIPPED)).toMatchObject({ staysShare: 0.5, coatsPerNeat: 2, tooThin: false });
    expect(thinning(letDown(1, 1.2), 'volume', SHIPPED)?.tooThin).toBe(true);
    const polish = [...letDown(1, 2), { ingredient: 'shellac-solution', parts: 1 }];
    expect(thinning(polish, 'mass', SHIPPED)?.tooThin).toBe(false);
  });
});

describe('what is next to nothing', () => {
  it('is neither taken nor missed', () => {
    const lot = (id: number, leftG: number) => ({ id, ingredient: 'beeswax', leftG, bestBefore: null });
    expect(gather({ beeswax: 100 }, [lot(1, 99.9999995), lot(2, 50)])).toMatchObject([{ takes: [{ lotId: 1 }], shortG: 0 }]);
    expect(gather({ beeswax: 100 }, [lot(1, 99)])).toMatchObject([{ shortG: expect.closeTo(1, 9) }]);
  });
});

describe('gathering', () => {
  const lot = fc.record({
    id: fc.nat(50),
    ingredient: fc.constantFrom('beeswax', 'mineral-oil'),
    leftG: fc.integer({ min: 0, max: 900 }),
    bestBefore: fc.constantFrom('2031-01-01', '2032-01-01', null),
  });
  it('takes the earliest first, never more than there is, and says what is short', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(lot, { selector: (one) => one.id, maxLength: 8 }),
        fc.integer({ min: 1, max: 2000 }),
        (lots, need) => {
          const [found] = gather({ beeswax: need }, lots);
          const taken = found?.takes.reduce((sum, take) => sum + take.grams, 0) ?? 0;
          expect(taken + (found?.shortG ?? 0)).toBeCloseTo(need, 9);
          const dates = found?.takes.map((take) => lots.find((one) => one.id === take.lotId)?.bestBefore ?? '9999') ?? [];
          expect([...dates].sort()).toEqual(dates);
          for (const take of found?.takes ?? [])
            expect(take.grams).toBeLessThanOrEqual(lots.find((one) => one.id === take.lotId)?.leftG ?? 0);
          // A lot is left with something only when it is the last one taken.
          for (const take of found?.takes.slice(0, -1) ?? [])
            expect(take.grams).toBe(lots.find((one) => one.id === take.lotId)?.leftG);
        },
      ),
      { seed: 3 },
    );
  });
  it('spreads a slip over the next pot so that both together hold the ratio', () => {
    const next = spreadOver({ beeswax: 0.25, 'mineral-oil': 0.75 }, { beeswax: 200, 'mineral-oil': 800 }, 1000);
    expect(next).toEqual({ beeswax: 300, 'mineral-oil': 700 });
    expect(spreadOver({ beeswax: 0.25, 'mineral-oil': 0.75 }, { beeswax: 900, 'mineral-oil': 100 }, 200)).toBeNull();
  });
});

describe('conversion', () => {
  it('keeps four ounces apart and lets oil grow with warmth', () => {
    const units = Object.fromEntries(everyUnit(860, 0.86).map(({ unit, value }) => [unit, value]));
    expect(units).toMatchObject({ ml: 1000, l: 1 });
    expect(units['oz by weight']).toBeCloseTo(30.336, 2);
    expect(units['US fl oz']).toBeCloseTo(33.814, 2);
    expect(units['imperial fl oz']).toBeCloseTo(35.195, 2);
    expect(densityAt({ densityGPerMl: 0.86 }, 20)).toBe(0.86);
    expect(densityAt({ densityGPerMl: 0.86 }, 60)).toBeCloseTo(0.86 / 1.03, 12);
  });
});

describe('formula files', () => {
  const read = (name: string, lines: readonly (readonly [string, number | null])[], basis = 'mass') => ({
    at: name,
    name,
    basis,
    note: '',
    lines: lines.map(([ingredient, parts], i) => ({ at: `row ${i + 2}`, ingredient, parts })),
  });
  const kept = [{ name: 'Lantern paste', basis: 'mass' as const, lines: PASTE }];
  it('knows a formula again whatever its order and parts', () => {
    expect(
      sameBlend(
        {
          name: '',
          basis: 'mass',
          lines: [
            { ingredient: 'mineral-oil', parts: 7 },
            { ingredient: 'beeswax', parts: 2 },
          ],
        },
        kept[0] as (typeof kept)[0],
        SHIPPED,
      ),
    ).toBe(true);
    expect(sameBlend({ ...(kept[0] as (typeof kept)[0]), basis: 'volume' }, kept[0] as (typeof kept)[0], SHIPPED)).toBe(false);
  });
  it('says of each what it is, and why what is refused is refused', () => {
    const found = understand(
      [
        read('Other name', [
          ['beeswax', 2],
          ['White Mineral Oil, food-grade', 7],
        ]),
        read('lantern paste', [
          ['beeswax', 1],
          ['mineral-oil', 4],
        ]),
        read('New', [
          ['beeswax', 1],
          ['mineral-oil', 9],
        ]),
        read('Tung mix', [
          ['tung oil finish', 1],
          ['beeswax', null],
        ]),
        read(
          'Twice',
          [
            ['beeswax', 1],
            ['beeswax', 2],
          ],
          'spoons',
        ),
        read('', [['gold', -1]]),
      ],
      kept,
      SHIPPED,
    );
    expect(found.map((one) => one.status)).toEqual(['same', 'revision', 'new', 'refused', 'refused', 'refused']);
    expect(found[0]?.knownAs).toBe('Lantern paste');
    expect(found.slice(3).map((one) => one.issues.map((issue) => issue.code))).toEqual([
      ['ambiguous-name', 'not-a-number'],
      ['duplicate-ingredient', 'unknown-basis'],
      ['must-be-positive', 'unknown-ingredient', 'required', 'one-ingredient'],
    ]);
  });
});
