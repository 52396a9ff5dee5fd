import { describe, expect, it } from 'vitest';
import { SHIPPED } from '@/core/material';
import { BASE_READS } from '@/core/quantity';
import {
  type DraftAround,
  draftLines,
  type FormulaDraft,
  jarsOf,
  makeOf,
  moveKerf,
  otherBasis,
  ratioOf,
  reckon,
  setGrams,
  setShare,
  snapped,
  withFractions,
} from './draft';

const draft: FormulaDraft = {
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
const around: DraftAround = {
  prices: { beeswax: 2000, 'mineral-oil': 900 },
  stock: { beeswax: 100, 'mineral-oil': 1000 },
  jars: [{ id: 1, name: 'Tin', capacityMl: 60, fillFraction: 0.9, have: 5 }],
  ambientC: 20,
  hardening: {},
  residueG: 0,
  waiting: null,
};
const sized = (change: Partial<FormulaDraft>) => reckon({ ...draft, ...change }, around, BASE_READS, SHIPPED);

describe('a share that is set', () => {
  const three: FormulaDraft = {
    ...draft,
    lines: [
      { key: 'a', ingredient: 'beeswax', parts: '2' },
      { key: 'b', ingredient: 'mineral-oil', parts: '6' },
      { key: 'c', ingredient: 'carnauba-wax', parts: '2' },
    ],
  };
  const shares = [0.2, 0.6, 0.2];
  const parts = (found: FormulaDraft | null): number[] | undefined => found?.lines.map((line) => Number(line.parts));
  const lockedAt = (...at: number[]): FormulaDraft => ({
    ...three,
    lines: three.lines.map((line, i) => (at.includes(i) ? { ...line, locked: true } : line)),
  });
  it('leaves the rest in proportion, and locked lines as they were', () => {
    const all = parts(setShare(three, shares, 0, 0.4, BASE_READS, SHIPPED)) ?? [];
    const sum = all.reduce((a, b) => a + b, 0);
    expect(all.map((one) => one / sum)).toEqual([expect.closeTo(0.4, 2), expect.closeTo(0.45, 2), expect.closeTo(0.15, 2)]);
    const held = parts(setShare(lockedAt(2), shares, 0, 0.4, BASE_READS, SHIPPED)) ?? [];
    expect(held[2]).toBe(2);
    const whole = held.reduce((a, b) => a + b, 0);
    expect(held.map((one) => one / whole)).toEqual([expect.closeTo(0.4, 2), expect.closeTo(0.4, 2), expect.closeTo(0.2, 2)]);
  });
  it('is refused where there is no room, or nothing that could give', () => {
    expect(setShare(three, shares, 0, 0.0009, BASE_READS, SHIPPED)).toBeNull();
    expect(setShare(three, shares, 0, 0.001, BASE_READS, SHIPPED)).not.toBeNull();
    expect(setShare(lockedAt(2), shares, 0, 0.7995, BASE_READS, SHIPPED)).toBeNull();
    expect(setShare(lockedAt(2), shares, 0, 0.79, BASE_READS, SHIPPED)).not.toBeNull();
    expect(setShare(lockedAt(1, 2), shares, 0, 0.3, BASE_READS, SHIPPED)).toBeNull();
    expect(setShare(three, [0.2, 0, 0], 0, 0.3, BASE_READS, SHIPPED)).toBeNull();
  });
  it('fills as many jars as go in, what sticks in the pot taken off', () => {
    const jars = [{ id: 1, name: 'Tin', capacityMl: 60, fillFraction: 0.9, have: 5 }];
    // 54 ml at 1 g/ml: 54 g a jar.
    expect(jarsOf(540, 0, 1, jars)).toMatchObject([{ count: 10, restG: 0 }]);
    expect(jarsOf(540, 1, 1, jars)).toMatchObject([{ count: 9, restG: expect.closeTo(53, 9) }]);
    expect(jarsOf(10, 30, 1, jars)).toMatchObject([{ count: 0, restG: 0 }]);
  });
  it('says each fault of a measured line at its field', () => {
    const line = { key: 'a', ingredient: 'beeswax', parts: '1 cup', molten: true, temp: '40' };
    const faults = (lines: FormulaDraft['lines']): string[] => {
      const read = draftLines(lines, BASE_READS, SHIPPED, 'measured');
      return read.ok ? [] : read.issues.map((issue) => issue.path);
    };
    expect(faults([line])).toEqual(['lines.0.temp']);
    expect(faults([{ ...line, temp: 'warm' }])).toEqual(['lines.0.temp']);
    expect(
      faults([
        { ...line, temp: '80' },
        { ...line, parts: 'much' },
      ]),
    ).toEqual(['lines.1.parts']);
    expect(faults([{ ...line, temp: '', molten: true }])).toEqual([]);
  });
  it('has no other measure where nothing of it is wax, or it cannot be read', () => {
    expect(otherBasis({ ...draft, lines: [{ key: 'a', ingredient: 'tung-oil', parts: '1' }] }, BASE_READS, SHIPPED)).toBeNull();
    expect(otherBasis({ ...draft, lines: [{ key: 'a', ingredient: 'beeswax', parts: 'x' }] }, BASE_READS, SHIPPED)).toBeNull();
    expect(otherBasis({ ...draft, basis: 'measured' }, BASE_READS, SHIPPED)).toBeNull();
    expect(otherBasis(draft, BASE_READS, SHIPPED)?.asWritten).toBeCloseTo(1 / 4.5, 9);
  });
});

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
    const faulty = (change: Partial<FormulaDraft>) => {
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
    const result = draftLines(
      [
        { key: 'a', ingredient: '', parts: '0' },
        { key: 'b', ingredient: 'beeswax', parts: 'some' },
      ],
      BASE_READS,
      SHIPPED,
    );
    expect(result.ok ? [] : result.issues.map((issue) => `${issue.path}:${issue.code}`)).toEqual([
      'lines.0.parts:must-be-positive',
      'lines.0.ingredient:required',
      'lines.1.parts:not-a-number',
    ]);
    expect(reckon({ ...draft, lines: [] }, around, BASE_READS, SHIPPED).blend).toBeNull();
  });
  it('reads a ratio, and says it', () => {
    expect(ratioOf(draft.lines)).toBe('1 : 3,5');
    expect(makeOf(draft, {}, [], BASE_READS, SHIPPED)).toEqual({ ok: true, value: { massG: 900 } });
  });
  it('moves a kerf without touching the other boards, the first part staying as it is said', () => {
    expect(moveKerf(draft, [2 / 9, 7 / 9], 0, 0.25, BASE_READS, SHIPPED).lines.map((line) => line.parts)).toEqual(['1', '3']);
    const three: FormulaDraft = { ...draft, lines: [...draft.lines, { key: 'c', ingredient: 'carnauba-wax', parts: '0.5' }] };
    const moved = moveKerf(three, [0.2, 0.7, 0.1], 0, 0.3, BASE_READS, SHIPPED);
    expect(moved.lines.map((line) => line.parts)).toEqual(['1.5', '3', '0.5']);
    expect(moveKerf(draft, [0.2, 0.8], 5, 0.3, BASE_READS, SHIPPED)).toBe(draft);
  });
  it('keeps the share of a kerf in a formula by volume', () => {
    const byVolume: FormulaDraft = { ...draft, basis: 'volume' };
    const before = reckon(byVolume, around, BASE_READS, SHIPPED).blend?.lines.map((line) => line.massFraction) ?? [];
    const after = reckon(moveKerf(byVolume, before, 0, 0.3, BASE_READS, SHIPPED), around, BASE_READS, SHIPPED).blend?.lines[0]
      ?.massFraction;
    expect(after).toBeCloseTo(0.3, 2);
  });
  it('clicks to simple ratios and leaves locked boards alone', () => {
    expect(snapped(0.2015, 1)).toBeCloseTo(0.2, 12);
    expect(snapped(0.26, 1)).toBe(0.26);
    expect(snapped(0.1003, 0.4)).toBeCloseTo(0.1, 12);
    expect(moveKerf(draft, [2 / 9, 7 / 9], 0, 0.2508, BASE_READS, SHIPPED).lines[1]?.parts).toBe('3');
    const locked: FormulaDraft = { ...draft, lines: draft.lines.map((line) => ({ ...line, locked: line.key === 'a' })) };
    expect(moveKerf(locked, [2 / 9, 7 / 9], 0, 0.3, BASE_READS, SHIPPED)).toBe(locked);
  });
  it('gives one line another share while a locked one keeps its own', () => {
    const three: FormulaDraft = {
      ...draft,
      lines: [
        ...draft.lines.map((line) => ({ ...line, parts: '1' })),
        { key: 'c', ingredient: 'carnauba-wax', parts: '1', locked: true },
      ],
    };
    const third = 1 / 3;
    const moved = setShare(three, [third, third, third], 0, 0.5, BASE_READS, SHIPPED);
    const shares = reckon(moved ?? draft, around, BASE_READS, SHIPPED).blend?.lines.map((line) => line.massFraction) ?? [];
    expect(shares.map((share) => Number(share.toFixed(3)))).toEqual([0.5, 0.167, 0.333]);
    expect(setShare(three, [third, third, third], 0, 0.67, BASE_READS, SHIPPED)).toBeNull();
    expect(setShare(three, [third, third, third], 0, 0, BASE_READS, SHIPPED)).toBeNull();
  });
  it('takes grams of a line as weighed: the others stay, the pot grows', () => {
    const grown = setGrams(draft, [200, 700], 0, 300, BASE_READS, SHIPPED);
    expect(reckon(grown, around, BASE_READS, SHIPPED).blend?.lines.map((line) => Math.round(line.massG))).toEqual([300, 700]);
    expect([grown.mass, grown.lines[0]?.parts]).toEqual(['1000 g', '1']);
    expect(withFractions(draft, [0.2, 0.8], BASE_READS, SHIPPED).lines.map((line) => line.parts)).toEqual(['1', '4']);
  });
  it('says what the same words would be by the other measure', () => {
    const other = otherBasis({ ...draft, basis: 'volume' }, BASE_READS, SHIPPED);
    expect(other?.otherwise).toBeCloseTo(2 / 9, 12);
    expect(other?.asWritten).toBeCloseTo(0.961 / (0.961 + 3.5 * 0.86), 12);
    expect(otherBasis({ ...draft, lines: [] }, BASE_READS, SHIPPED)).toBeNull();
  });
});
