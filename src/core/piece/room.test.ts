import { describe, expect, it } from 'vitest';
import { type Geometry, roomTaken, volumeMl } from '.';
import { shelfMm } from './room';

const SPOON: Geometry = {
  shape: 'spoon',
  bowlLengthMm: 60,
  bowlWidthMm: 40,
  bowlDepthMm: 12,
  handleLengthMm: 200,
  handleWidthMm: 18,
  handleThickMm: 10,
};
const SCOOP: Geometry = { ...SPOON, shape: 'scoop', bowlLengthMm: 80, bowlWidthMm: 60, bowlDepthMm: 25, wallMm: 4 };
const BOX: Geometry = { shape: 'box', lengthMm: 180, widthMm: 120, heightMm: 90, wallMm: 8, lid: true };

describe('the wood of a piece', () => {
  it('of a spoon is half an ellipsoid’s skin and a handle', () => {
    // ⅔π·30·20·12 / 2 = 7 540 mm³; π·9·5·200 = 28 274 mm³.
    expect(volumeMl(SPOON)).toBeCloseTo(7.5398 + 28.2743, 3);
  });
  it('of a scoop is its wall and its handle', () => {
    // ⅔π·(40·30·25 − 36·26·21) = 21 664 mm³.
    expect(volumeMl(SCOOP)).toBeCloseTo(21.6645 + 28.2743, 3);
  });
  it('of a box is what is not hollow, with its lid', () => {
    // 180·120·90 − 164·104·82 = 545 408 mm³; the lid is 180·120·8.
    expect(volumeMl(BOX)).toBeCloseTo(545.408 + 172.8, 9);
    expect(volumeMl({ ...BOX, lid: false })).toBeCloseTo(545.408, 9);
  });
});

describe('the shelf of a piece', () => {
  it('is what faces the front, and the air beside it', () => {
    expect([SPOON, SCOOP, BOX].map(shelfMm)).toEqual([42, 55, 150]);
    expect(
      shelfMm({
        shape: 'turned',
        outer: [
          [40, 0],
          [110, 60],
        ],
        inner: [
          [30, 8],
          [100, 60],
        ],
      }),
    ).toBe(250);
  });
  it('is counted by the litre, the metre or the batch', () => {
    expect(roomTaken(BOX, 10, 'metres')).toBeCloseTo(1.5, 9);
    expect(roomTaken(BOX, 10, 'litres')).toBeCloseTo(7.18208, 6);
    expect(roomTaken(BOX, 10, 'batches')).toBe(1);
  });
});
