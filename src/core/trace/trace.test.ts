import { describe, expect, it } from 'vitest';
import { chalkNumber, codeFrom, compositions, edgesInto, lotsInto, type TracedLot } from '.';
import { CODE_ALPHABET, CODE_LENGTH } from './code';

const lots: readonly TracedLot[] = [
  { id: 1, own: { 'mineral-oil': 1 } },
  { id: 2, own: { beeswax: 1 } },
  { id: 3, own: null },
  { id: 4, own: null },
];
const edges = [
  { from: 1, into: 3, grams: 300 },
  { from: 2, into: 3, grams: 100 },
  { from: 3, into: 4, grams: 50 },
  { from: 1, into: 4, grams: 50 },
];

describe('trace', () => {
  it('follows ingredients through pots of pots', () => {
    const of = compositions(lots, edgesInto(edges));
    expect(of(2)).toEqual({ beeswax: 1 });
    expect(of(4)).toEqual({ 'mineral-oil': 0.875, beeswax: 0.125 });
    expect(of(3)).toEqual({ 'mineral-oil': 0.75, beeswax: 0.25 });
    expect(lotsInto(4, edgesInto(edges))).toEqual([3, 1, 2]);
  });
  it('does not run in circles', () => {
    const round = [...edges, { from: 4, into: 3, grams: 10 }];
    expect(Object.values(compositions(lots, edgesInto(round))(4)).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
    expect(lotsInto(3, edgesInto(round))).toEqual([1, 2, 4]);
  });
  it('makes codes that no one misreads', () => {
    expect(CODE_ALPHABET).not.toMatch(/[01ILO]/);
    expect(codeFrom(Uint8Array.from({ length: 13 }, (_, i) => i))).toBe('23456789ABCDE');
    expect(codeFrom(Uint8Array.from({ length: 13 }, () => 255))).toBeNull();
    expect(codeFrom(Uint8Array.from({ length: 24 }, (_, i) => i * 9))).toHaveLength(CODE_LENGTH);
    expect([chalkNumber('B', 2031, 7, 2), chalkNumber('', 2031, 14, 3)]).toEqual(['B31-07', '31-014']);
  });
});
