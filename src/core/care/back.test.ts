import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shareOf } from '.';

describe('how many of how many', () => {
  it('has the span of the score interval', () => {
    const { share, low, high } = shareOf(2, 20);
    expect(share).toBe(0.1);
    expect(low).toBeCloseTo(0.0423, 4);
    expect(high).toBeCloseTo(0.2184, 4);
    expect(shareOf(0, 0)).toMatchObject({ low: 0, high: 1 });
  });
  it('narrows with more pieces and always holds the share', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), fc.nat(), (n, k) => {
        const of = k % (n + 1);
        const [one, ten] = [shareOf(of, n), shareOf(10 * of, 10 * n)];
        expect(one.low).toBeLessThanOrEqual(one.share + 1e-12);
        expect(one.high).toBeGreaterThanOrEqual(one.share - 1e-12);
        expect(ten.high - ten.low).toBeLessThan(one.high - one.low);
      }),
    );
  });
  it('holds the true share about four times in five', () => {
    let [held, state] = [0, 7];
    const random = (): number => {
      state = (state * 1664525 + 1013904223) % 4294967296;
      return state / 4294967296;
    };
    for (let i = 0; i < 2000; i++) {
      const of = Array.from({ length: 40 }, () => random() < 0.15).filter(Boolean).length;
      const { low, high } = shareOf(of, 40);
      if (low <= 0.15 && 0.15 <= high) held++;
    }
    // Counts are whole, so at one share it holds a little more or less than it says.
    expect(held / 2000).toBeGreaterThan(0.7);
    expect(held / 2000).toBeLessThan(0.9);
  });
});
