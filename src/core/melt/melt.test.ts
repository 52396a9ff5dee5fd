import { describe, expect, it } from 'vitest';
import { melt } from '.';
import { MELT_RATE, POT_HEAT, WATER_BOIL, WATER_HEAT, WAX_MELT } from './melt';

const pot = {
  waterG: 800,
  heaterW: 500,
  lossWPerK: 3,
  ambientC: 20,
  potG: 600,
  waxFraction: 0.25,
  pieceMm: 4,
  clearC: 55,
  uaWPerK: 18,
  minutes: 40,
};
const run = (change: Partial<typeof pot>) => {
  const result = melt({ ...pot, ...change });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};

describe('melt', () => {
  it('rests on the figures of the design', () =>
    expect([WATER_HEAT, WATER_BOIL, POT_HEAT, WAX_MELT, MELT_RATE]).toEqual([4.18, 2257, 2.1, 200, 0.0009]));
  it('stays as it is without heat', () => {
    expect(run({ heaterW: 0 }).trace.every((row) => row.waterC === 20 && row.potC === 20 && row.melted === 0)).toBe(true);
    expect(run({ heaterW: 0 }).clearAtMin).toBeNull();
  });
  it('stops when the pan is dry', () => {
    const { dryAtMin, waterLeftG, trace } = run({ waterG: 20, heaterW: 2000, minutes: 60 });
    expect(dryAtMin).toBeGreaterThan(0);
    expect(waterLeftG).toBeLessThan(1);
    expect(trace.at(-1)?.min).toBeLessThanOrEqual(dryAtMin ?? 0);
  });
  it('never warms water past boiling, nor melts more than all', () => {
    const { trace } = run({ heaterW: 3000, minutes: 30 });
    expect(Math.max(...trace.map((row) => row.waterC))).toBeLessThanOrEqual(100);
    expect(Math.max(...trace.map((row) => row.melted))).toBeLessThanOrEqual(1);
  });
  it('melts small pieces sooner', () =>
    expect(run({ pieceMm: 4 }).clearAtMin ?? 99).toBeLessThan(run({ pieceMm: 20 }).clearAtMin ?? 99));
  it('is clear at once with no wax', () => expect(run({ waxFraction: 0 }).clearAtMin).toBe(0));
});
