import { describe, expect, it } from 'vitest';
import { fitPan, melt } from '.';

const start = { heaterW: 900, lossWPerK: 3, uaWPerK: 12 };
const pot = { waterG: 1500, ambientC: 19, potG: 900, waxFraction: 0.22, pieceMm: 6, clearC: 57 };

/** What a thermometer would have said on a pan of true constants. */
function log(truth: typeof start, minutes: readonly number[]) {
  const run = melt({ ...pot, ...truth, minutes: 45 });
  if (!run.ok) throw new Error('no melt');
  return { ...pot, readings: minutes.map((min) => ({ min, tempC: run.value.trace.find((row) => row.min >= min)?.potC ?? 0 })) };
}

describe('a pan fitted to logged melts', () => {
  it('comes closer to a pan that heats slower than shipped', () => {
    const truth = { heaterW: 620, lossWPerK: 3.4, uaWPerK: 8 };
    const fitted = fitPan(start, [log(truth, [5, 10, 15, 20, 30, 40]), log(truth, [8, 16, 24])]);
    expect(fitted.readings).toBe(9);
    expect(fitted.misfitBeforeC).toBeGreaterThan(5);
    expect(fitted.misfitAfterC).toBeLessThan(1);
    expect(fitted.pan.heaterW).toBeGreaterThan(500);
    expect(fitted.pan.heaterW).toBeLessThan(760);
  });
  it('stays where it was with nothing to go by, or where it was right', () => {
    const none = fitPan(start, [{ ...pot, readings: [] }]);
    expect(none.readings).toBe(0);
    expect(none.misfitAfterC).toBe(0);
    expect(none.pan.heaterW).toBeCloseTo(start.heaterW, 9);
    expect(none.pan.uaWPerK).toBeCloseTo(start.uaWPerK, 9);
    const right = fitPan(start, [log(start, [5, 15, 25])]);
    expect(right.pan.heaterW).toBeCloseTo(900, -1);
  });
});
