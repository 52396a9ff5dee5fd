import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { costOf } from '.';

const spent = {
  pieces: 4,
  woodMinor: 600,
  draws: [
    { grams: 100, minorPerKg: 2000 },
    { grams: 20, minorPerKg: 5000 },
  ],
  handsMin: 120,
  hourMinor: 2400,
  jarMinor: 250,
  slipMinor: 15,
  priceMinor: 4500,
};

describe('what a piece costs', () => {
  it('is its wood, its share of blend and hands, its jar and its slip', () => {
    expect(costOf(spent)).toEqual({
      parts: { wood: 600, blend: 75, hands: 1200, jar: 250, slip: 15 },
      unknown: [],
      sumMinor: 2140,
      priceMinor: 4500,
      marginMinor: 2360,
      handsMinPerPiece: 30,
      gramsPerPiece: 30,
    });
  });
  it('names what nobody entered, and leaves it out of the sum', () => {
    const found = costOf({ ...spent, woodMinor: null, hourMinor: null, draws: [...spent.draws, { grams: 1, minorPerKg: null }] });
    expect(found.unknown).toEqual(['wood', 'blend', 'hands']);
    expect(found.sumMinor).toBe(265);
    expect(costOf({ ...spent, priceMinor: null }).marginMinor).toBeNull();
    expect(costOf({ ...spent, jarMinor: null }).unknown).toEqual(['jar']);
    expect(costOf({ ...spent, jarMinor: 0 }).unknown).toEqual([]);
  });
  it('halves the batch’s part with twice the pieces, never the wood', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100 }), (pieces) => {
        const [one, two] = [costOf({ ...spent, pieces }), costOf({ ...spent, pieces: 2 * pieces })];
        expect(two.parts.blend).toBeCloseTo((one.parts.blend ?? 0) / 2, 9);
        expect(two.parts.hands).toBeCloseTo((one.parts.hands ?? 0) / 2, 9);
        expect(two.parts.wood).toBe(one.parts.wood);
      }),
    );
  });
});
