import { describe, expect, it } from 'vitest';
import { coldNights, dailyRate, MAY, warmestIn, weekOf, weepingNow } from '.';
import { WIPE_AGAIN_HOURS } from './weep';

const HOUR = 3_600_000;

describe('a finish that never dries', () => {
  it('was not looked at until a paper was laid', () => {
    expect(weepingNow([], 5)).toEqual({ state: 'not-looked' });
  });
  it('is clean by its last paper, whatever order they are told in', () => {
    const papers = [
      { atMs: 2 * HOUR, pass: true },
      { atMs: HOUR, pass: false },
    ];
    expect(weepingNow(papers, null)).toEqual({ state: 'clean', sinceMs: 2 * HOUR });
  });
  it('that weeps is wiped again a day after the paper, or after it was wiped since', () => {
    const papers = [{ atMs: HOUR, pass: false }];
    expect(weepingNow(papers, null)).toMatchObject({ state: 'weeps', wipeByMs: (1 + WIPE_AGAIN_HOURS) * HOUR });
    expect(weepingNow(papers, 3 * HOUR)).toMatchObject({ sinceMs: HOUR, wipeByMs: (3 + WIPE_AGAIN_HOURS) * HOUR });
    expect(WIPE_AGAIN_HOURS).toBe(24);
  });
});

describe('somewhere else', () => {
  const week = Array.from({ length: 16 }, (_, i) => ({ tempC: 18 + (i % 8), rh: 0.5, light: 'indoor' as const }));
  it('is told three hours at a time', () => {
    expect(weekOf(week)).toEqual(week.map((climate) => ({ climate, hours: 3 })));
    expect(warmestIn(week)).toBe(25);
    expect([warmestIn(null), warmestIn([])]).toEqual([null, null]);
  });
  it('in the sun has a third of each part in real sun, the rest in the dark', () => {
    const sunny = weekOf([{ tempC: 20, rh: 0.5, light: 'sun' }]);
    expect(sunny.map((part) => [part.climate.light, part.hours])).toEqual([
      ['sun', 1],
      ['dark', 2],
    ]);
    expect(dailyRate(sunny)).toBeCloseTo((2.5 + 2 * 0.8) / 3, 12);
  });
  it('with the heating off at night is as it was for nine hours of a day and cold for fifteen', () => {
    const cold = coldNights(week);
    expect(cold.slice(0, 3)).toEqual(week.slice(0, 3));
    expect(cold.slice(3, 8).map((climate) => [climate.tempC, climate.rh])).toEqual(Array(5).fill([8, 0.7]));
    expect(cold[8]).toEqual(week[8]);
    expect(cold[3]?.light).toBe('indoor');
  });
  it('in May is a whole day', () => {
    expect(MAY.reduce((sum, part) => sum + part.hours, 0)).toBe(24);
  });
});
