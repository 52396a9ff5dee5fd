import { describe, expect, it } from 'vitest';
import { MOST_FACTOR, ownInterval, PRIOR_GAPS } from './learn';

/** So many dates, so many days apart. */
const every = (days: number, count: number): string[] =>
  Array.from({ length: count }, (_, i) => new Date(Date.UTC(2031, 0, 1 + i * days)).toISOString().slice(0, 10));

describe('an owner’s own rhythm', () => {
  it('says nothing before the second re-oiling', () => {
    expect(ownInterval(30, [])).toBe(30);
    expect(ownInterval(30.4, ['2031-01-01'])).toBe(30.4);
    // Twice on one day is once.
    expect(ownInterval(30, ['2031-01-01', '2031-01-01'])).toBe(30);
  });
  it('counts the reckoned interval as two gaps, in the mean of logarithms', () => {
    expect([PRIOR_GAPS, MOST_FACTOR]).toEqual([2, 3]);
    // (30² · 60)^(1/3) = 37.8
    expect(ownInterval(30, every(60, 2))).toBe(38);
    // (30² · 60³)^(1/5) = 45.5, whole days
    expect(ownInterval(30, every(60, 4))).toBe(45);
    expect(ownInterval(30, [...every(60, 4)].reverse())).toBe(45);
    expect(ownInterval(60, every(60, 9))).toBe(60);
  });
  it('moves it three times at most either way, and never below a week', () => {
    expect(ownInterval(90, every(1, 40))).toBe(30);
    expect(ownInterval(10, every(1, 40))).toBe(7);
    expect(ownInterval(20, every(365, 12))).toBe(60);
  });
});
