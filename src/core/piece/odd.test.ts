import { describe, expect, it } from 'vitest';
import { oddSizes } from './odd';

describe('sizes that are asked about', () => {
  it('are over a metre or under a millimetre, wherever they stand in a piece', () => {
    const board = { shape: 'board', lengthMm: 420, widthMm: 260, thickMm: 24, grain: 'long' } as const;
    expect(oddSizes(board)).toEqual([]);
    expect(oddSizes({ ...board, lengthMm: 1000, thickMm: 1 })).toEqual([]);
    expect(oddSizes({ ...board, lengthMm: 10_668, thickMm: 0.5 })).toEqual([10_668, 0.5]);
    expect(oddSizes({ ...board, groove: { widthMm: 0.8, depthMm: 3, insetMm: 15 } })).toEqual([0.8]);
  });
  it('are no thin point at the axis of a turned form, but its height', () => {
    const bowl = (height: number) =>
      ({
        shape: 'turned',
        outer: [
          [0.2, 0],
          [40, 0],
          [90, height],
        ],
      }) as never;
    expect(oddSizes(bowl(70))).toEqual([]);
    expect(oddSizes(bowl(1778))).toEqual([1778]);
  });
});
