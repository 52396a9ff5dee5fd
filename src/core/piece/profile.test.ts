import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { area, type ProfilePoint } from '.';
import { checkInside, checkOutside, insideOf, smooth } from './profile';

const bowl: readonly ProfilePoint[] = [
  [40, 0],
  [85, 35],
  [100, 70],
];
const code = (result: { ok: boolean; issues?: readonly { code: string; path: string }[] }) =>
  result.ok ? 'ok' : `${result.issues?.[0]?.path} ${result.issues?.[0]?.code}`;
const climbing = fc
  .array(fc.tuple(fc.integer({ min: 25, max: 140 }), fc.integer({ min: 8, max: 60 })), { minLength: 2, maxLength: 7 })
  .map((steps) => {
    let z = 0;
    return steps.map(([r, up], i): ProfilePoint => {
      if (i > 0) z += up;
      return [r, z];
    });
  });

describe('a turned profile', () => {
  it('has the surface of a cylinder and of a cone where it is one', () => {
    const cylinder: ProfilePoint[] = [
      [50, 0],
      [50, 100],
    ];
    const inside = insideOf(cylinder, 5, 5);
    if (!inside.ok) throw new Error('no inside');
    expect(inside.value.map(([r, z]) => [r, z])).toEqual([
      [45, 5],
      [45, 100],
    ]);
    const measured = area({ shape: 'turned', outer: cylinder, inner: inside.value });
    const formula = Math.PI * (2 * 50 * 100 + 50 ** 2 + 2 * 45 * 95 + 45 ** 2 + (50 ** 2 - 45 ** 2));
    expect(measured.ok && measured.value.areaMm2).toBeCloseTo(formula, 6);
    // A cone's wall is measured square to it: 10 mm of it is 10·√2 along the radius at 45°.
    const cone = insideOf(
      [
        [20, 0],
        [120, 100],
      ],
      10,
      1,
    );
    expect(cone.ok && cone.value[0]?.[0]).toBeCloseTo(20 + 1 - 10 * Math.SQRT2, 6);
  });
  it('is curved through its points and never past them', () => {
    fc.assert(
      fc.property(climbing, (points) => {
        const curve = smooth(points);
        for (const point of points)
          expect(curve.some(([r, z]) => Math.abs(r - point[0]) < 1e-9 && Math.abs(z - point[1]) < 1e-9)).toBe(true);
        expect(checkOutside(curve).ok).toBe(true);
        const [least, most] = [Math.min(...points.map(([r]) => r)), Math.max(...points.map(([r]) => r))];
        for (const [r] of curve) expect(r >= least - 1e-9 && r <= most + 1e-9).toBe(true);
      }),
      { seed: 8, numRuns: 150 },
    );
  });
  it('keeps its inside within its outside whenever it gives one', () => {
    let given = 0;
    fc.assert(
      fc.property(climbing, fc.integer({ min: 2, max: 15 }), fc.integer({ min: 2, max: 15 }), (points, wall, floor) => {
        const outer = smooth(points);
        const inside = insideOf(outer, wall, floor);
        if (!inside.ok) return;
        given++;
        expect(checkInside(outer, inside.value).ok).toBe(true);
        expect(inside.value[0]?.[1]).toBeGreaterThanOrEqual((outer[0]?.[1] ?? 0) + floor);
        expect(area({ shape: 'turned', outer, inner: inside.value }).ok).toBe(true);
      }),
      { seed: 9, numRuns: 200 },
    );
    expect(given).toBeGreaterThan(process.env.MUTANTS ? 5 : 60);
  });
  it('refuses what cannot be turned', () => {
    expect(code(checkOutside([[40, 0]]))).toBe('outer profile-short');
    expect(
      code(
        checkOutside([
          [40, 0],
          [80, 30],
          [90, 20],
        ]),
      ),
    ).toBe('outer.2 profile-backwards');
    expect(code(insideOf(bowl, 110, 10))).toBe('wall profile-thick');
    expect(code(insideOf(bowl, 8, 70))).toBe('floor profile-thick');
    expect(
      code(
        checkInside(bowl, [
          [50, 10],
          [110, 70],
        ]),
      ),
    ).toBe('inner profile-undercut');
    expect(code(insideOf(bowl, 8, 10))).toBe('ok');
  });
});
