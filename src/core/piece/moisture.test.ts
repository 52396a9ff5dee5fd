import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dampness, dryBy } from '.';
import { looksOf } from './moisture';

const DAY = 86_400_000;
const at = (day: number, percent: number) => ({ atMs: day * DAY, percent });

describe('moisture', () => {
  it('takes several readings of one look by their middle', () => {
    expect(looksOf([at(3, 12), { atMs: 60_000, percent: 18 }, at(0, 17), { atMs: 120_000, percent: 40 }])).toEqual([
      { atMs: 0, percent: 18 },
      { atMs: 3 * DAY, percent: 12 },
    ]);
  });
  it.each([
    [12, 'fit'],
    [12.1, 'caution'],
    [15, 'caution'],
    [15.1, 'too-damp'],
  ] as const)('%s %% is %s', (percent, verdict) => expect(dampness([at(0, percent)], null)?.verdict).toBe(verdict));
  it('says that a piece will move, here and in a heated room', () => {
    expect(dampness([at(0, 12)], 9)).toMatchObject({ movesHere: true, movesIndoors: true });
    expect(dampness([at(0, 9)], 10.5)).toMatchObject({ movesHere: false, movesIndoors: false });
    expect(dampness([], 10)).toBeNull();
  });
  it('finds the day it will be fit on a piece that dries as the law says, inside its own band', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.03, max: 0.4, noNaN: true }),
        fc.integer({ min: 18, max: 40 }),
        fc.double({ min: 6, max: 10.5, noNaN: true }),
        (k, start, emc) => {
          const moisture = (day: number) => emc + (start - emc) * Math.exp(-k * day);
          const fits = Math.log((start - emc) / (12 - emc)) / k;
          const days = [0, 1, 2, 4].filter((day) => moisture(day) > 12.5);
          fc.pre(days.length > 1);
          const found = dryBy(
            days.map((day) => at(day, moisture(day))),
            emc,
          );
          expect(Math.abs((found?.atMs ?? 0) / DAY - fits)).toBeLessThan(1e-6 * Math.max(1, fits));
          expect(found?.earlyMs).toBeLessThanOrEqual(found?.atMs ?? 0);
          if (found?.lateMs != null) expect(found.lateMs).toBeGreaterThanOrEqual(found.atMs);
        },
      ),
      { seed: 4 },
    );
  });
  it('says nothing where there is nothing to say', () => {
    expect(dryBy([at(0, 20)], 9)).toBeNull();
    expect(dryBy([at(0, 20), at(0.5, 18)], 9)).toBeNull();
    expect(dryBy([at(0, 20), at(2, 11)], 9)).toBeNull();
    expect(dryBy([at(0, 20), at(2, 18)], 13)).toBeNull();
    expect(dryBy([at(0, 18), at(2, 20)], 9)).toBeNull();
    // Fit already on the bound; air that dries it to the bound and no further.
    expect(dryBy([at(0, 20), at(2, 12)], 5)).toBeNull();
    expect(dryBy([at(0, 20), at(2, 18)], 12)).toBeNull();
    expect([dryBy([at(1, 20), at(2, 18)], 9) === null, dryBy([at(1, 20), at(1.99, 18)], 9) === null]).toEqual([false, true]);
    // Readings that hardly fall leave the late end open.
    expect(dryBy([at(0, 18), at(1, 17.9)], 9)).toMatchObject({ lateMs: null });
  });
  it('trusts a look far from the air’s equilibrium more than one close to it', () => {
    // The last look lies near the equilibrium and off the line: it hardly moves the day.
    const line = (day: number): number => 9 + 12 * Math.exp(-0.1 * day);
    const straight = dryBy(
      [0, 4, 8].map((day) => at(day, line(day))),
      9,
    );
    const bent = dryBy([...[0, 4, 8].map((day) => at(day, line(day))), at(14, line(14) + 0.2)], 9);
    // 12 % is a quarter of the way left: ln 4 / 0.1 = 13.9 days.
    expect((straight?.atMs ?? 0) / DAY).toBeCloseTo(13.863, 2);
    expect(Math.abs((bent?.atMs ?? 0) - (straight?.atMs ?? 0)) / DAY).toBeLessThan(0.8);
  });
});
