import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '@/core/material';
import { BASE_READS } from '@/core/quantity';
import { bothRatios, type FormulaDraft, jarsOf, measures, neededOf, readJug, reckon } from '.';
import { levelsOf, measureLine } from './measures';

const codes = (result: { ok: boolean; issues?: readonly { code: string; path: string }[] }): string[] =>
  result.ok ? [] : (result.issues ?? []).map((issue) => `${issue.path}:${issue.code}`);
const draft = (lines: readonly (readonly [string, string, boolean?])[], more: Partial<FormulaDraft> = {}): FormulaDraft => ({
  name: 'Cups',
  note: '',
  basis: 'measured',
  sizeBy: 'written',
  mass: '',
  volume: '',
  from: {},
  jar: { id: 0, count: '' },
  lines: lines.map(([ingredient, parts, molten = false], i) => ({ key: String(i), ingredient, parts, molten })),
  ...more,
});
const around = { prices: {}, stock: {}, jars: [], ambientC: 20, hardening: {}, residueG: 0, waiting: null };

describe('a recipe as it is measured', () => {
  it('makes four cups of melted wax with sixteen of oil 19 % wax, not a fifth', () => {
    const made = measures(
      {
        lines: [
          { ingredient: 'beeswax', amount: '4 cups', molten: true },
          { ingredient: 'mineral-oil', amount: '16 cups' },
        ],
      },
      BASE_READS,
      SHIPPED,
    );
    if (!made.ok) throw new Error(JSON.stringify(made.issues));
    expect(made.value.lines[0]?.massFraction).toBeCloseTo(0.19, 2);
    expect(made.value.lines.map((line) => Math.round(line.levelMl))).toEqual([946, 4732]);
  });
  it('asks for what must be asked, each at its line', () => {
    const asks = (ingredient: string, amount: string, more = {}) =>
      codes(measures({ lines: [{ ingredient, amount, ...more }] }, BASE_READS, SHIPPED));
    expect(asks('mineral-oil', '4 x 16 oz')).toEqual(['lines.0.amount:ounce-ambiguous']);
    expect(asks('beeswax', '2 oz')).toEqual(['lines.0.amount:ounce-ambiguous']);
    expect(asks('beeswax', '2 cups')).toEqual(['lines.0.amount:pieces-by-volume']);
    expect(asks('shellac-flake', '2 cups')).toEqual(['lines.0.amount:pieces-by-volume']);
    expect(asks('beeswax', '2 cups', { molten: true, tempC: 50 })).toEqual(['lines.0.tempC:not-molten']);
    expect(asks('mineral-oil', '1,000 ml')).toEqual(['lines.0.amount:thousand-or-one']);
    expect(asks('mineral-oil', '12')).toEqual(['lines.0.amount:unit-missing']);
    expect(asks('mineral-oil', '0 x 4 ml')).toEqual(['lines.0.amount:must-be-positive']);
    expect(asks('nothing', '4 ml')).toEqual(['lines.0.ingredient:unknown-ingredient']);
  });
  it('takes the answer to an ounce, and half of a bag', () => {
    const oil = measureLine({ ingredient: 'mineral-oil', amount: '4 x 16 oz' }, BASE_READS, SHIPPED, 'us-fluid');
    expect(oil.ok && oil.value.addMl).toBeCloseTo(64 * 29.5735295625, 9);
    const bag = measureLine({ ingredient: 'beeswax', amount: '½ × 1 lb' }, BASE_READS, SHIPPED);
    expect(bag.ok && bag.value.massG).toBeCloseTo(226.796185, 9);
  });
  it('puts each level above the one before by what was added, and shares that make one', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 5000 }), { minLength: 1, maxLength: 8 }), (amounts) => {
        const { lines } = levelsOf(amounts.map((addMl, i) => ({ ingredient: String(i), massG: addMl * 0.9, addMl })));
        expect(lines.reduce((sum, line) => sum + line.massFraction, 0)).toBeCloseTo(1, 9);
        for (const [i, line] of lines.entries()) expect(line.levelMl - (lines[i - 1]?.levelMl ?? 0)).toBeCloseTo(line.addMl, 6);
      }),
    );
  });
});

describe('a jug that is read', () => {
  it('knows the mark, and the two words taken for each other', () => {
    // 240 ml stand in it; 950 are to be added, so that it stands at 1190.
    expect([1190, 1170, 950, 1430, 700, 1300].map((ml) => readJug(ml, 240, 950).as)).toEqual([
      'on-mark',
      'on-mark',
      'filled-to',
      'added',
      'short',
      'past',
    ]);
    // Into an empty jug both words are one.
    expect([950, 900].map((ml) => readJug(ml, 0, 950).as)).toEqual(['on-mark', 'short']);
  });
});

describe('a formula that is written so', () => {
  const halfBag = draft([
    ['beeswax', '1/2 x 1 lb'],
    ['mineral-oil', '2 x 16 fl oz'],
  ]);
  it('is its grams, and says both ratios', () => {
    const { blend, sized } = reckon(halfBag, around, BASE_READS, SHIPPED);
    expect([sized, blend?.lines.map((line) => Math.round(line.massG))]).toEqual([true, [227, 814]]);
    expect(bothRatios(halfBag, BASE_READS, SHIPPED)).toMatchObject({ byWeight: '1 : 3.59', byVolume: '1 : 4.01' });
    expect(reckon({ ...halfBag, sizeBy: 'mass', mass: '100 g' }, around, BASE_READS, SHIPPED).blend?.totalG).toBeCloseTo(100, 9);
  });
  it('is fixed by one lump: what else is needed, what is to be bought, how many tins', () => {
    const lump = draft(
      [
        ['beeswax', '1'],
        ['mineral-oil', '4'],
      ],
      { basis: 'mass', sizeBy: 'from', others: 'enough', from: { beeswax: '300 g' } },
    );
    const jars = [{ id: 1, name: 'Tin', capacityMl: 60, fillFraction: 0.9, have: 5 }];
    const { blend } = reckon(lump, { ...around, stock: { beeswax: 100, 'mineral-oil': 500 }, jars }, BASE_READS, SHIPPED);
    if (!blend) throw new Error('no blend');
    expect(blend.totalG).toBeCloseTo(1500, 9);
    expect(neededOf(blend.lines, { beeswax: 300, 'mineral-oil': 500 }).map((one) => Math.round(one.buyG))).toEqual([0, 700]);
    const [tins] = jarsOf(blend.totalG, 4, blend.densityGPerMl, jars);
    expect(tins?.count).toBe(Math.floor(1496 / (54 * blend.densityGPerMl)));
    expect((tins?.count ?? 0) * 54 * blend.densityGPerMl + (tins?.restG ?? 0)).toBeCloseTo(1496, 6);
    const nothing = reckon({ ...lump, from: {} }, around, BASE_READS, SHIPPED);
    expect([nothing.sized, nothing.issues.map((issue) => issue.code)]).toEqual([false, ['say-the-lump']]);
  });
});
