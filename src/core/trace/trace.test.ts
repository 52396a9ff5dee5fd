import { describe, expect, it } from 'vitest';
import { chalkNumber, CODE_ALPHABET, CODE_LENGTH, codeFrom, compositionOf, lotsInto } from '.';

const lots = new Map([
  [1, { id: 1, ingredient: 'mineral-oil' }],
  [2, { id: 2, ingredient: 'beeswax' }],
  [3, { id: 3, ingredient: null }],
  [4, { id: 4, ingredient: null }],
]);
const edges = [
  { from: 1, into: 3, grams: 300 },
  { from: 2, into: 3, grams: 100 },
  { from: 3, into: 4, grams: 50 },
  { from: 1, into: 4, grams: 50 },
];

describe('trace', () => {
  it('follows ingredients through pots of pots', () => {
    expect(compositionOf(2, lots, edges)).toEqual({ beeswax: 1 });
    expect(compositionOf(4, lots, edges)).toEqual({ 'mineral-oil': 0.875, beeswax: 0.125 });
    expect(lotsInto(4, edges)).toEqual([3, 1, 2]);
  });
  it('does not run in circles', () => {
    const round = [...edges, { from: 4, into: 3, grams: 10 }];
    expect(Object.values(compositionOf(4, lots, round)).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
    expect(lotsInto(3, round)).toEqual([1, 2, 4]);
  });
  it('makes codes that no one misreads', () => {
    expect(CODE_ALPHABET).not.toMatch(/[01ILO]/);
    expect(codeFrom(Uint8Array.from({ length: 10 }, (_, i) => i))).toBe('23456789AB');
    expect(codeFrom(Uint8Array.from({ length: 10 }, () => 255))).toBeNull();
    expect(codeFrom(Uint8Array.from({ length: 24 }, (_, i) => i * 9))).toHaveLength(CODE_LENGTH);
    expect([chalkNumber('B', 2031, 7, 2), chalkNumber('', 2031, 14, 3)]).toEqual(['B31-07', '31-014']);
  });
});
