import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Bearing, type Corners, deltaE, type MadeUp, madeUpPicture, readBoard } from '.';
import { CARD } from './board';
import { labOf } from './colour';
import { homography } from './homography';

const BOARD: Bearing = {
  lengthMm: 300,
  widthMm: 120,
  fields: [
    { fromMm: 0, lengthMm: 96 },
    { fromMm: 102, lengthMm: 96 },
    { fromMm: 204, lengthMm: 96 },
  ],
};
const CORNERS: Corners = [
  [70, 85],
  [575, 70],
  [600, 300],
  [55, 285],
];
const PICTURE: MadeUp = {
  board: BOARD,
  fields: [
    { reflects: [0.55, 0.42, 0.26], glare: 0 },
    { reflects: [0.31, 0.19, 0.09], glare: 0.05 },
    { reflects: [0.42, 0.3, 0.17], glare: 0.3 },
  ],
  lamp: [1, 1, 1],
  falloff: 0,
  width: 660,
  height: 380,
  corners: CORNERS,
  seed: 3,
};
const readOf = (of: MadeUp, corners = of.corners) => readBoard(madeUpPicture(of), corners, of.board);

describe('a homography', () => {
  const spread = fc.double({ min: -60, max: 60, noNaN: true });
  it('goes there and back again, and carries its corners to theirs', () => {
    fc.assert(
      fc.property(fc.array(spread, { minLength: 8, maxLength: 8 }), fc.double({ min: 0, max: 1, noNaN: true }), (by, part) => {
        const from: Corners = [
          [0, 0],
          [300, 0],
          [300, 120],
          [0, 120],
        ];
        const to = (
          [
            [200, 200],
            [800, 200],
            [800, 600],
            [200, 600],
          ] as const
        ).map(([x, y], i) => [x + (by[2 * i] ?? 0), y + (by[2 * i + 1] ?? 0)] as const) as unknown as Corners;
        const [there, back] = [homography(from, to), homography(to, from)];
        if (!there.ok || !back.ok) throw new Error('no way');
        from.forEach((corner, i) => {
          const [x, y] = there.value(corner);
          expect(x).toBeCloseTo(to[i]?.[0] ?? 0, 6);
          expect(y).toBeCloseTo(to[i]?.[1] ?? 0, 6);
        });
        const [x, y] = back.value(there.value([300 * part, 120 * (1 - part)]));
        expect(x).toBeCloseTo(300 * part, 6);
        expect(y).toBeCloseTo(120 * (1 - part), 6);
      }),
      { numRuns: 200 },
    );
  });
  it('wants four corners in one turn', () => {
    const square: Corners = [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ];
    for (const bad of [
      [
        [0, 0],
        [1, 1],
        [1, 0],
        [0, 1],
      ],
      [
        [0, 0],
        [1, 0],
        [2, 0],
        [3, 0],
      ],
      [
        [5, 5],
        [5, 5],
        [5, 5],
        [5, 5],
      ],
    ] as unknown as Corners[])
      expect(homography(square, bad)).toMatchObject({ ok: false, issues: [{ code: 'corners-crossed' }] });
  });
});

describe('the fields of a board in a picture', () => {
  it.each([
    ['daylight', [1, 1, 1], 0],
    ['a warm lamp that falls off', [1, 0.72, 0.44], 0.2],
    ['a cool, dim lamp that falls off', [0.4, 0.52, 0.6], 0.2],
  ] as const)('are read within ΔE 1 of the truth under %s', (_, lamp, falloff) => {
    const read = readOf({ ...PICTURE, lamp, falloff });
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    read.value.fields.forEach(({ lab }, i) => {
      const truth = labOf(PICTURE.fields[i]?.reflects ?? [0, 0, 0]);
      expect(deltaE(lab, truth)).toBeLessThan(1);
    });
  });
  it('glare as much as they do, by the share of dots that are clipped', () => {
    const read = readOf(PICTURE);
    if (!read.ok) throw new Error('not read');
    for (const [i, { bright }] of read.value.fields.entries())
      expect(Math.abs(bright - (PICTURE.fields[i]?.glare ?? 0))).toBeLessThan(0.04);
  });
  it('are not read from a picture that is cut off, burnt out, black, or whose corners are wrong', () => {
    const away = CORNERS.map(([x, y]) => [x + 150, y]) as unknown as Corners;
    const refusals = [
      [readOf(PICTURE, away), 'corners-outside'],
      [readOf({ ...PICTURE, lamp: [6, 6, 6] }), 'card-clipped'],
      [readOf({ ...PICTURE, lamp: [0, 1, 1] }), 'card-black'],
      [readOf(PICTURE, [CORNERS[0], CORNERS[2], CORNERS[1], CORNERS[3]]), 'corners-crossed'],
      [
        readOf(PICTURE, [
          [140, 150],
          [575, 70],
          [600, 300],
          [55, 285],
        ]),
        'cards-unlike',
      ],
      [readBoard(madeUpPicture(PICTURE), CORNERS, { ...BOARD, lengthMm: 2 * CARD.inMm }), 'must-be-positive'],
    ] as const;
    for (const [read, code] of refusals) expect(read).toMatchObject({ ok: false, issues: [{ code }] });
  });
});
