import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { leastSquares, mean, median, middle, normalFrom, randomFrom, solveLinear, sum, weightedMean } from '.';

const number = fc.double({ min: -100, max: 100, noNaN: true });
const size = 4;

describe('linear equations', () => {
  it('solves what it is given: the answer put back gives the right side', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(number, { minLength: size, maxLength: size }), { minLength: size, maxLength: size }),
        fc.array(number, { minLength: size, maxLength: size }),
        (rows, x) => {
          // A heavy diagonal: rows that cannot say the same.
          const a = rows.map((row, i) => row.map((value, j) => (i === j ? value + 1000 : value)));
          const found = solveLinear(a.map((row) => [...row, sum(row.map((value, j) => value * (x[j] ?? 0)))]));
          x.forEach((value, i) => void expect(found?.[i]).toBeCloseTo(value, 6));
        },
      ),
    );
  });
  it('turns rows round where the first pivot is nothing, and has no answer where two rows say the same', () => {
    expect(
      solveLinear([
        [0, 1, 5],
        [2, 0, 4],
      ]),
    ).toEqual([2, 5]);
    expect(
      solveLinear([
        [1, 2, 3],
        [2, 4, 6],
      ]),
    ).toBeNull();
  });
});

describe('least squares', () => {
  const line = [0, 1, 2, 3].map((t) => ({ of: [1, t], y: 3 - 2 * t }));
  it('finds the line through points that lie on one', () => {
    const [a, b] = leastSquares(line) ?? [];
    expect(a).toBeCloseTo(3, 9);
    expect(b).toBeCloseTo(-2, 9);
  });
  it('lets a point count as its weight says, and draws towards nothing by the damping', () => {
    const rows = [
      { of: [1], y: 10, w: 3 },
      { of: [1], y: 2, w: 1 },
    ];
    expect(leastSquares(rows)?.[0]).toBeCloseTo(8, 9);
    expect(leastSquares(rows, 4)?.[0]).toBeCloseTo(4, 9);
  });
  it('says so where its rows do not tell the unknowns apart', () => {
    expect(leastSquares(line.map(({ y }) => ({ of: [1, 1], y })))).toBeNull();
  });
});

describe('the middle', () => {
  it('of nothing is nothing, of two the upper one, a median half-way, and is not moved by order', () => {
    expect([middle([]), middle([1, 9]), middle([9, 1, 4]), mean([])]).toEqual([null, 9, 4, 0]);
    expect([median([]), median([3, 1, 2]), median([4, 1]), median([7])]).toEqual([null, 2, 2.5, 7]);
  });
  it('of what counts unequally', () => {
    const rows = [
      { n: 1, v: 10 },
      { n: 3, v: 2 },
    ];
    const of = (some: typeof rows) =>
      weightedMean(
        some,
        ({ n }) => n,
        ({ v }) => v,
      );
    expect([of(rows), of([])]).toEqual([4, 0]);
  });
});

describe('seeded chance', () => {
  const draws = (seed: number, of: (random: () => number) => number): number[] => {
    const random = randomFrom(seed);
    return Array.from({ length: 20_000 }, () => of(random));
  };
  it('is the same for the same seed, and another for another', () => {
    expect(draws(3, (random) => random())).toEqual(draws(3, (random) => random()));
    expect(draws(3, (random) => random())).not.toEqual(draws(4, (random) => random()));
  });
  it('does not begin alike for seeds that lie side by side', () => {
    const firsts = Array.from({ length: 400 }, (_, seed) => randomFrom(seed)());
    expect(Math.abs(mean(firsts) - 0.5)).toBeLessThan(0.05);
    expect(mean(firsts.map((one) => (one - 0.5) ** 2))).toBeCloseTo(1 / 12, 2);
  });
  it('is never 0 or 1, and its normal has mean 0 and spread 1', () => {
    expect(draws(5, (random) => random()).every((one) => one > 0 && one < 1)).toBe(true);
    const normal = draws(5, normalFrom);
    expect(Math.abs(mean(normal))).toBeLessThan(0.03);
    expect(Math.sqrt(mean(normal.map((one) => one * one)))).toBeCloseTo(1, 1);
  });
});
