import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { INGREDIENTS, SHIPPED } from '@/core/material';
import { blend, correct, FEEL_BANDS, fill, running, waxEquivalentAt } from '.';
import { natureOf } from './blend';
import { feelOf, SOFTENING_PER_C } from './feel';
import { EXPANSION_PER_K, HOT_BRIM_LIMIT, MOLTEN_WAX_EXPANSION } from './fill';
import { COLD_UP_TO_C, POUR_ABOVE_CLEAR_K, TWO_STAGE } from './heat';
import {
  ANTIOXIDANT_FROM,
  DRYING_SHARES,
  DWELL_FROM_SHARE,
  KEEPS_MONTHS,
  RAG_HEATS_FROM_IODINE,
  RANCID_FROM,
  THINNED,
} from './nature';
import { HAIR_G, markWith, NEAR_ENOUGH, ON_MARK } from './running';

const paste = [
  { ingredient: 'beeswax', parts: 1 },
  { ingredient: 'mineral-oil', parts: 3.5 },
];
function made(input: Record<string, unknown>) {
  const result = blend({ make: { massG: 900 }, ...input }, SHIPPED);
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
}
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);

describe('constants', () => {
  it('have the values of the design', () => {
    expect({
      SOFTENING_PER_C,
      EXPANSION_PER_K,
      MOLTEN_WAX_EXPANSION,
      HOT_BRIM_LIMIT,
      POUR_ABOVE_CLEAR_K,
      RAG_HEATS_FROM_IODINE,
      ANTIOXIDANT_FROM,
      RANCID_FROM,
      DWELL_FROM_SHARE,
      COLD_UP_TO_C,
    }).toEqual({
      SOFTENING_PER_C: 0.012,
      EXPANSION_PER_K: 0.00075,
      MOLTEN_WAX_EXPANSION: 0.1,
      HOT_BRIM_LIMIT: 0.98,
      POUR_ABOVE_CLEAR_K: 8,
      RAG_HEATS_FROM_IODINE: 90,
      ANTIOXIDANT_FROM: 0.002,
      RANCID_FROM: 0.1,
      DWELL_FROM_SHARE: 0.1,
      COLD_UP_TO_C: 66,
    });
    expect([DRYING_SHARES, THINNED, KEEPS_MONTHS, TWO_STAGE, ON_MARK]).toEqual([
      { drying: 0.9, never: 0.1 },
      { fromVolatile: 0.25, dwellMin: { flooded: 20, thin: 60 } },
      { withWater: 1, dissolvedShellac: 12, mixedPaint: 0, mixedHardener: 0 },
      { addAtMostC: 40, belowFlashK: 10, softBelow: 0.3, aboveRoomK: 5 },
      { grams: 0.5, share: 0.002 },
    ]);
    expect(FEEL_BANDS.map((band) => band.below)).toEqual([0.06, 0.14, 0.24, 0.4, 0.58, 0.85, Number.POSITIVE_INFINITY]);
  });
});

describe('blend', () => {
  it('mixes a hardener for the hour, with an oil that dries and nothing wet', () => {
    const with_ = (...ids: string[]) =>
      blend(
        {
          lines: [...ids, 'isocyanate-hardener'].map((ingredient) => ({ ingredient, parts: 1 })),
          basis: 'mass',
          make: { massG: 9 },
        },
        SHIPPED,
      );
    const codes = (...ids: string[]) => {
      const found = with_(...ids);
      return found.ok ? found.value.bestBeforeMonths : found.issues.map((issue) => `${issue.path} ${issue.code}`);
    };
    expect(codes('tung-oil')).toBe(0);
    expect(codes('tung-oil', 'citrus-solvent')).toBe(0);
    expect(codes('tung-oil', 'water')).toEqual(['lines hardener-with-water']);
    expect(codes('tung-oil', 'ethanol-pure')).toEqual(['lines hardener-with-water']);
    expect(codes('mineral-oil')).toEqual(['lines hardener-without-oil']);
    expect(codes()).toEqual(['lines hardener-without-oil']);
    // A drop of it decides how long the whole may lie.
    const tung = with_('tung-oil');
    const drop = blend(
      {
        lines: [
          { ingredient: 'tung-oil', parts: 99 },
          { ingredient: 'isocyanate-hardener', parts: 1 },
        ],
        basis: 'mass',
        make: { massG: 9 },
      },
      SHIPPED,
    );
    expect(tung.ok && drop.ok && drop.value.maxDwellMin).toEqual(tung.ok && tung.value.maxDwellMin);
    // What is on the shelf has a nature all the same.
    expect(natureOf({ lines: [{ ingredient: 'isocyanate-hardener', parts: 1 }], make: { massG: 1 } }, SHIPPED).ok).toBe(true);
  });
  it('runs out of its tin once it is warm enough to be clear, and is poured only where it is warmed', () => {
    const lines = [
      { ingredient: 'beeswax', parts: 1 },
      { ingredient: 'mineral-oil', parts: 4 },
    ];
    const at = (ambientC: number) => made({ lines, basis: 'mass', make: { massG: 9 }, ambientC });
    expect([at(20).consistency, at(60).consistency]).toEqual(['soft-paste', 'liquid']);
    const thinned = made({ lines: [...lines, { ingredient: 'ethanol-pure', parts: 1 }], basis: 'mass', make: { massG: 9 } });
    expect([thinned.heat, thinned.pourC]).toEqual(['none', null]);
  });
  it('keeps mass and volume whole, whatever is mixed', () => {
    const lines = fc.uniqueArray(
      fc.record({
        // A hardener is not mixed with everything; it has a test of its own.
        ingredient: fc.constantFrom(...INGREDIENTS.map((one) => one.id).filter((id) => id !== 'isocyanate-hardener')),
        parts: fc.double({ min: 0.01, max: 100, noNaN: true }),
      }),
      { selector: (line) => line.ingredient, minLength: 1, maxLength: 8 },
    );
    fc.assert(
      fc.property(
        lines,
        fc.constantFrom('mass', 'volume'),
        fc.double({ min: 1, max: 1e5, noNaN: true }),
        (list, basis, massG) => {
          const result = made({ lines: list, basis, make: { massG } });
          expect(result.lines.reduce((sum, line) => sum + line.massG, 0)).toBeCloseTo(massG, 4);
          expect(result.lines.reduce((sum, line) => sum + line.volumeMl, 0) / result.volumeMl).toBeCloseTo(1, 9);
          const double = made({ lines: list, basis, make: { massG: 2 * massG } });
          expect(double.lines.map((line) => line.massG / 2)).toEqual(result.lines.map((line) => expect.closeTo(line.massG, 6)));
        },
      ),
      { seed: 5 },
    );
  });
  it('sizes by what is there, naming the first on a tie', () => {
    const result = made({ lines: paste, make: { from: { beeswax: 100, 'mineral-oil': 350 } } });
    expect(result).toMatchObject({ limiting: 'beeswax', left: { beeswax: 0 } });
    expect(result.totalG).toBeCloseTo(450, 9);
    expect(result.left?.['mineral-oil']).toBeCloseTo(0, 9);
    expect(code(blend({ lines: paste, make: { from: { beeswax: 100 } } }, SHIPPED))).toBe('no-stock-given');
  });
  it('takes a share at a bound as the bound', () => {
    expect(feelOf(0.06, 20, null)).toBe('cream');
    expect(
      made({
        lines: [
          { ingredient: 'beeswax', parts: 6 },
          { ingredient: 'mineral-oil', parts: 94 },
        ],
      }).consistency,
    ).toBe('cream');
    expect(waxEquivalentAt(0.2, 30)).toBeCloseTo(0.176, 12);
    // Nine tenths dry: exactly at the bound it counts as drying, a hair under as mixed.
    const shares = (dry: number) =>
      made({
        lines: [
          { ingredient: 'tung-oil', parts: dry },
          { ingredient: 'mineral-oil', parts: 100 - dry },
        ],
      }).drying;
    expect([shares(90), shares(89.9), shares(10), shares(10.1)]).toEqual(['drying', 'mixed', 'never', 'mixed']);
  });
  it('melts pure wax at its own melting point, and refuses heat to solvents', () => {
    expect(made({ lines: [{ ingredient: 'beeswax', parts: 1 }] }).clearC).toBeCloseTo(63.5, 9);
    expect(made({ lines: [{ ingredient: 'mineral-oil', parts: 1 }] })).toMatchObject({
      clearC: null,
      pourC: null,
      heat: 'not-needed',
      heatConflict: false,
    });
    // Pure wax in thinner: too stiff to beat the thinner in, soft enough to dissolve cold; a harder wax does neither.
    const inThinner = (wax: string) =>
      made({
        lines: [
          { ingredient: wax, parts: 1 },
          { ingredient: 'citrus-solvent', parts: 1 },
        ],
      }).heat;
    expect([inThinner('beeswax'), inThinner('carnauba-wax')]).toEqual(['cold', 'none']);
    expect(
      made({
        lines: [
          { ingredient: 'beeswax', parts: 1 },
          { ingredient: 'carnauba-wax', parts: 3 },
        ],
      }).heatConflict,
    ).toBe(true);
  });
  it('pours wax with solvent in two stages, and only where the room lets it cool', () => {
    const lines = [
      { ingredient: 'beeswax', parts: 1 },
      { ingredient: 'tung-oil', parts: 4 },
      { ingredient: 'turpentine', parts: 2 },
    ];
    expect(made({ lines })).toMatchObject({
      heat: 'two-stage',
      addBelowC: 25,
      stages: [['beeswax', 'tung-oil'], ['turpentine']],
    });
    expect(made({ lines, ambientC: 21 }).heat).toBe('cold');
    expect(made({ lines }).clearC).toBeCloseTo(made({ lines: lines.slice(0, 2) }).clearC ?? 0, 9);
    expect(made({ lines: lines.slice(0, 2) }).stages).toBeUndefined();
  });
  it('knows what keeps an oil from drying, what turns rancid, and what parts again', () => {
    const of = (parts: Record<string, number>) =>
      made({ lines: Object.entries(parts).map(([ingredient, share]) => ({ ingredient, parts: share })) });
    expect(of({ 'flaxseed-oil': 99.7, 'vitamin-e': 0.3 }).drying).toBe('mixed');
    expect(of({ 'flaxseed-oil': 99.85, 'vitamin-e': 0.15 }).drying).toBe('drying');
    expect(of({ 'mineral-oil': 99, 'vitamin-e': 1 }).drying).toBe('never');
    expect([of({ 'sunflower-oil': 1 }).drying, of({ 'sunflower-oil': 1 }).turnsRancid]).toEqual(['mixed', true]);
    expect(of({ 'olive-oil': 1, 'mineral-oil': 9.5 }).turnsRancid).toBe(false);
    expect(of({ 'shellac-flake': 1, 'ethanol-pure': 3 })).toMatchObject({ separates: false, bestBeforeMonths: 12 });
    expect(of({ 'tung-oil': 1, 'shellac-solution': 1 }).separates).toBe(true);
    expect(of({ 'milk-paint-powder': 1, water: 1 }).bestBeforeMonths).toBe(0);
    expect(of({ beeswax: 1, 'mineral-oil': 3, water: 1 }).bestBeforeMonths).toBe(1);
  });
  it('makes as much as one lump allows, the rest being enough', () => {
    const lump = made({ lines: paste, make: { from: { beeswax: 100 }, others: 'enough' } });
    expect(lump.totalG).toBeCloseTo(450, 9);
    expect(lump).toMatchObject({ limiting: 'beeswax', left: { beeswax: 0 } });
    expect(code(blend({ lines: paste, make: { from: { 'tung-oil': 5 }, others: 'enough' } }, SHIPPED))).toBe('no-stock-given');
  });
  it('alarms at rags from iodine 90 on, not before', () => {
    expect(made({ lines: [{ ingredient: 'almond-oil', parts: 1 }] })).toMatchObject({
      ragHazard: 'self-heating',
      drying: 'never',
    });
    expect(made({ lines: [{ ingredient: 'mct-oil', parts: 1 }] }).ragHazard).toBe('plain');
    expect(made({ lines: [{ ingredient: 'ethanol-denatured', parts: 1 }] }).ragHazard).toBe('flammable');
  });
  it.each([
    ['must-be-positive', { lines: [{ ingredient: 'beeswax', parts: 0 }] }],
    ['duplicate-ingredient', { lines: [paste[0], paste[0]] }],
    ['unknown-ingredient', { lines: [{ ingredient: 'unobtainium', parts: 1 }] }],
    ['invalid', { lines: paste, make: {} }],
    ['required', { lines: [] }],
  ])('refuses with %s', (wanted, input) => expect(code(blend({ make: { massG: 1 }, ...input }, SHIPPED))).toBe(wanted));
});

describe('fill', () => {
  const pot = {
    massG: 500,
    densityGPerMl: 1,
    sizes: [
      { id: 'a', capacityMl: 100, fill: 1, have: 9 },
      { id: 'b', capacityMl: 250, fill: 1, have: 9 },
    ],
  };
  const filled = (change: Record<string, unknown>) => {
    const result = fill({ ...pot, ...change });
    return result.ok ? result.value : result.issues[0]?.code;
  };
  it('leaves least, then takes fewest jars, then more of the earlier size', () => {
    expect(filled({})).toMatchObject({ counts: { a: 0, b: 2 }, leftG: 0 });
    const twins = [
      { id: 'x', capacityMl: 100, fill: 1, have: 3 },
      { id: 'y', capacityMl: 100, fill: 1, have: 3 },
    ];
    expect(filled({ massG: 400, sizes: twins })).toMatchObject({ counts: { x: 3, y: 1 } });
  });
  it('says when nothing is left to fill, and when all are too large', () => {
    expect(filled({ lossG: 500 })).toBe('nothing-to-fill');
    expect(filled({ massG: 60 })).toMatchObject({ counts: { a: 0, b: 0 }, leftG: 60 });
    expect(filled({ sizes: [pot.sizes[0], pot.sizes[0]] })).toBe('duplicate-id');
  });
  it('never fills more than there is, and agrees with trying every way', () => {
    const size = fc.record({ capacityMl: fc.integer({ min: 5, max: 60 }), have: fc.integer({ min: 0, max: 4 }) });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 300 }), fc.array(size, { minLength: 1, maxLength: 4 }), (massG, sizes) => {
        const result = fill({ massG, densityGPerMl: 1, sizes: sizes.map((one, i) => ({ id: `s${i}`, fill: 1, ...one })) });
        if (!result.ok) throw new Error('fails');
        let best = 0;
        const go = (i: number, sum: number): void => {
          if (sum > massG) return;
          best = Math.max(best, sum);
          const one = sizes[i];
          if (one) for (let n = 0; n <= one.have; n++) go(i + 1, sum + n * one.capacityMl);
        };
        go(0, 0);
        expect(result.value.leftG).toBeCloseTo(massG - best, 6);
      }),
      { seed: 9, numRuns: 150 },
    );
  });
});

describe('correct', () => {
  it('refuses equal fractions, and a target that is not between', () => {
    const marry = (a: number, b: number, target: number, wantG?: number) =>
      code(
        correct(
          {
            mode: 'marry',
            a: { massG: 100, fraction: a },
            b: { massG: 100, fraction: b },
            target,
            ...(wantG ? { wantG } : {}),
          },
          SHIPPED,
        ),
      );
    expect([marry(0.2, 0.2, 0.2), marry(0.1, 0.3, 0.4), marry(0.1, 0.3, 0.2), marry(0.1, 0.3, 0.2, 500)]).toEqual([
      'same-fractions',
      'target-out-of-reach',
      'ok',
      'want-too-much',
    ]);
  });
  it('marries as much as the scarcer lot allows, or what is wanted, in the shares the target asks', () => {
    const marry = (a: readonly [number, number], b: readonly [number, number], target: number, wantG?: number) =>
      correct(
        {
          mode: 'marry',
          a: { massG: a[0], fraction: a[1] },
          b: { massG: b[0], fraction: b[1] },
          target,
          ...(wantG ? { wantG } : {}),
        },
        SHIPPED,
      );
    expect(marry([100, 0.1], [100, 0.3], 0.25)).toMatchObject({
      ok: true,
      value: { fromAG: expect.closeTo(100 / 3, 9), fromBG: expect.closeTo(100, 9), totalG: expect.closeTo(400 / 3, 9) },
    });
    expect(marry([20, 0.1], [900, 0.3], 0.25)).toMatchObject({ value: { fromAG: 20, fromBG: expect.closeTo(60, 9) } });
    expect(marry([100, 0.1], [100, 0.3], 0.25, 40)).toMatchObject({ value: { fromAG: expect.closeTo(10, 9), totalG: 40 } });
    // At an end one lot alone is the target, all of it.
    expect(marry([70, 0.1], [100, 0.3], 0.1)).toMatchObject({ value: { fromAG: 70, fromBG: 0, totalG: 70 } });
    expect(marry([70, 0.1], [100, 0.3], 0.3)).toMatchObject({
      value: { fromAG: expect.closeTo(0, 9), fromBG: 100, totalG: 100 },
    });
    expect(marry([70, 0.3], [100, 0.1], 0.4)).toMatchObject({
      ok: false,
      issues: [{ with: { wanted: 0.4, least: 0.1, most: 0.3 } }],
    });
    expect(marry([100, 0.1], [100, 0.3], 0.25, 134)).toMatchObject({ ok: false, issues: [{ code: 'want-too-much' }] });
  });
  it('restores the ratio with the smallest additions', () => {
    expect(correct({ mode: 'overpour', lines: paste, poured: { beeswax: 104, 'mineral-oil': 0 } }, SHIPPED)).toMatchObject({
      ok: true,
      value: { add: { beeswax: 0, 'mineral-oil': 364 }, totalG: 468 },
    });
    expect(code(correct({ mode: 'overpour', lines: paste, poured: { tung: 1 } }, SHIPPED))).toBe('unknown-line');
    expect(code(correct({ mode: 'overpour', lines: paste, poured: {} }, SHIPPED))).toBe('nothing-poured');
  });
  it('names what to add instead', () => {
    expect(
      correct(
        {
          mode: 'retarget',
          massG: 100,
          fractions: { beeswax: 0.3, 'mineral-oil': 0.7 },
          target: { beeswax: 0.2 },
          add: 'beeswax',
        },
        SHIPPED,
      ),
    ).toMatchObject({ ok: false, issues: [{ code: 'add-other', with: { instead: 'White mineral oil, food grade' } }] });
  });
  it('tells a leak from lost solvent', () => {
    const topup = (grossG: number) =>
      correct(
        {
          mode: 'topup',
          grossG,
          tareG: 50,
          originalNetG: 500,
          usedG: 100,
          volatile: { id: 'ethanol-denatured', fraction: 0.5 },
        },
        SHIPPED,
      );
    expect([code(topup(451)), code(topup(400)), code(topup(249))]).toEqual(['bottle-gained', 'ok', 'lost-more-than-solvent']);
    expect(topup(400)).toMatchObject({ value: { lostG: 50, addG: 50 } });
  });
});

describe('the running scale', () => {
  const at = (poured: Record<string, number>, targetG = 450) => {
    const result = running(paste, 'mass', targetG, poured, SHIPPED);
    if (!result.ok) throw new Error('fails');
    return result.value;
  };
  it('counts readings on from what is in the pot', () => {
    expect(at({}).next).toEqual({ ingredient: 'beeswax', toGoG: 100, stopAtG: 100 });
    expect(at({ beeswax: 100 }).next).toEqual({ ingredient: 'mineral-oil', toGoG: 350, stopAtG: 450 });
    expect(at({ beeswax: 100, 'mineral-oil': 350 }).next).toBeNull();
  });
  it('sees an overshoot past its slack only, and asks for more of what a rescale left short', () => {
    expect(at({ beeswax: 100.4 }).over).toBeNull();
    expect(at({ beeswax: 104 }).over).toEqual({ ingredient: 'beeswax', overG: 4 });
    expect(at({ beeswax: 100, 'mineral-oil': 364 }, 468).next).toEqual({ ingredient: 'beeswax', toGoG: 4, stopAtG: 468 });
  });
  it('empties a lot that cannot fill the line, and trusts the line’s own mark where the lot is empty by its book', () => {
    const next = at({ beeswax: 100 }).next;
    if (!next) throw new Error('nothing is next');
    expect(markWith(next, null)).toEqual({ toGoG: 350, stopAtG: 450, isSplit: false });
    expect(markWith(next, 351)).toEqual({ toGoG: 350, stopAtG: 450, isSplit: false });
    expect(markWith(next, 120)).toEqual({ toGoG: 120, stopAtG: 220, isSplit: true });
    // One gram short is short; a hair is not.
    expect(markWith(next, 349)).toEqual({ toGoG: 349, stopAtG: 449, isSplit: true });
    expect(markWith(next, 350 - HAIR_G / 2).isSplit).toBe(false);
    expect(markWith(next, HAIR_G)).toEqual({ toGoG: 350, stopAtG: 450, isSplit: false });
    expect(markWith(next, 0)).toEqual({ toGoG: 350, stopAtG: 450, isSplit: false });
  });
  it('says of a line that was begun and is short how short, whether that is near enough, and what less keeps the ratio', () => {
    const short = (poured: Record<string, number>, last: string) => {
      const result = running(paste, 'mass', 450, poured, SHIPPED, last);
      return result.ok ? result.value.short : null;
    };
    expect(NEAR_ENOUGH).toEqual({ grams: 1, ofShare: 0.05, share: 0.01 });
    expect(at({}).short).toBeNull();
    expect(short({ beeswax: 99 }, 'beeswax')).toMatchObject({ ingredient: 'beeswax', shortG: 1, near: true });
    expect(short({ beeswax: 98.5 }, 'beeswax')?.near).toBe(false);
    expect(short({ beeswax: 90 }, 'beeswax')).toEqual({
      ingredient: 'beeswax',
      shortG: 10,
      share: 0.1,
      near: false,
      lessG: expect.closeTo(405, 9),
    });
    expect(short({ beeswax: 100, 'mineral-oil': 347 }, 'mineral-oil')?.near).toBe(true);
    // All the wax is in already: a smaller pot would have too much of it.
    expect(short({ beeswax: 100, 'mineral-oil': 300 }, 'mineral-oil')).toMatchObject({ near: false, lessG: null });
    expect(at({ beeswax: 100, 'mineral-oil': 350 }).short).toBeNull();
  });
});
