import { describe, expect, it } from 'vitest';
import { type Around, type Draft, linesOf, makeOf, moveKerf, partsOf, ratioOf, reckon } from './draft';

const draft: Draft = {
  name: 'Paste',
  note: '',
  basis: 'mass',
  sizeBy: 'mass',
  mass: '900 g',
  volume: '1 l',
  from: {},
  jar: { id: 1, count: '6' },
  lines: [
    { key: 'a', ingredient: 'beeswax', parts: '1' },
    { key: 'b', ingredient: 'mineral-oil', parts: '3,5' },
  ],
};
const around: Around = {
  prices: { beeswax: 2000, 'mineral-oil': 900 },
  stock: { beeswax: 100, 'mineral-oil': 1000 },
  jars: [{ id: 1, name: 'Tin', capacityMl: 60, fillFraction: 0.9, have: 5 }],
  ambientC: 20,
};
const sized = (change: Partial<Draft>) => reckon({ ...draft, ...change }, around);

describe('a formula being written', () => {
  it('is reckoned as it is typed', () => {
    const { blend, sized: isSized, issues } = sized({});
    expect([isSized, issues, blend?.lines.map((line) => Math.round(line.massG)), blend?.costPerKg]).toEqual([
      true,
      [],
      [200, 700],
      expect.closeTo((2000 + 3.5 * 900) / 4.5, 9),
    ]);
  });
  it('is sized in four ways', () => {
    expect(sized({ sizeBy: 'volume', volume: '0,5 l' }).blend?.volumeMl).toBeCloseTo(500, 9);
    expect(sized({ sizeBy: 'from' }).blend).toMatchObject({ totalG: expect.closeTo(450, 9), limiting: 'beeswax' });
    expect(sized({ sizeBy: 'from', from: { beeswax: '8 oz' } }).blend?.totalG).toBeCloseTo(226.796185 * 4.5, 6);
    expect(sized({ sizeBy: 'jars' }).blend?.volumeMl).toBeCloseTo(6 * 54, 9);
  });
  it('says what is wrong with its size and still shows what it will be', () => {
    const faulty = (change: Partial<Draft>) => {
      const { blend, sized: isSized, issues } = sized(change);
      return [blend?.totalG, isSized, issues.map((issue) => `${issue.path}:${issue.code}`)];
    };
    expect(faulty({ mass: '-3' })).toEqual([1000, false, ['mass:must-be-positive']]);
    expect(faulty({ sizeBy: 'volume', volume: '3 kg' })).toEqual([1000, false, ['volume:unknown-unit']]);
    expect(faulty({ sizeBy: 'jars', jar: { id: 9, count: '6' } })).toEqual([1000, false, ['jar:required']]);
    expect(faulty({ sizeBy: 'jars', jar: { id: 1, count: '2.5' } })).toEqual([1000, false, ['jar.count:invalid']]);
    expect(faulty({ sizeBy: 'from', from: { 'mineral-oil': '8 oz' } })).toEqual([
      1000,
      false,
      ['from.mineral-oil:ounce-ambiguous'],
    ]);
  });
  it('names every bad line at once', () => {
    const result = linesOf([
      { key: 'a', ingredient: '', parts: '0' },
      { key: 'b', ingredient: 'beeswax', parts: 'some' },
    ]);
    expect(result.ok ? [] : result.issues.map((issue) => `${issue.path}:${issue.code}`)).toEqual([
      'lines.0.parts:must-be-positive',
      'lines.0.ingredient:required',
      'lines.1.parts:not-a-number',
    ]);
    expect(reckon({ ...draft, lines: [] }, around).blend).toBeNull();
  });
  it('reads a ratio, and says it', () => {
    expect(partsOf('1 : 3.5')).toEqual({ ok: true, value: ['1', '3.5'] });
    expect(partsOf('1 : x').ok).toBe(false);
    expect(ratioOf(draft.lines)).toBe('1 : 3,5');
    expect(makeOf(draft, {}, [])).toEqual({ ok: true, value: { massG: 900 } });
  });
  it('moves a kerf without touching the other boards, the first part staying as it is said', () => {
    expect(moveKerf(draft, [2 / 9, 7 / 9], 0, 0.25).lines.map((line) => line.parts)).toEqual(['1', '3']);
    const three: Draft = { ...draft, lines: [...draft.lines, { key: 'c', ingredient: 'carnauba-wax', parts: '0.5' }] };
    const moved = moveKerf(three, [0.2, 0.7, 0.1], 0, 0.3);
    expect(moved.lines.map((line) => line.parts)).toEqual(['1.5', '3', '0.5']);
    expect(moveKerf(draft, [0.2, 0.8], 5, 0.3)).toBe(draft);
  });
  it('keeps the share of a kerf in a formula by volume', () => {
    const byVolume: Draft = { ...draft, basis: 'volume' };
    const before = reckon(byVolume, around).blend?.lines.map((line) => line.massFraction) ?? [];
    const after = reckon(moveKerf(byVolume, before, 0, 0.3), around).blend?.lines[0]?.massFraction;
    expect(after).toBeCloseTo(0.3, 2);
  });
});
