import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ageClock, dailyRate, dailyRates, estimate, quantile, rankMoves, readyWith } from '.';
import { cureRate } from './rate';

const START = Date.parse('2031-03-03T08:00:00Z');
const HOUR = 3_600_000;
const room = { tempC: 18, rh: 0.55, light: 'indoor' } as const;
const warm = { tempC: 33, rh: 0.35, light: 'dark' } as const;

describe('what if it stood elsewhere', () => {
  it('is the very clock of the estimate with another climate from now on', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 400, noNaN: true }), fc.double({ min: 5, max: 35, noNaN: true }), (hours, tempC) => {
        const nowMs = START + hours * HOUR;
        const there = { ...room, tempC };
        const clock = ageClock(
          START,
          [
            { ...room, atMs: START },
            { ...there, atMs: nowMs },
          ],
          there,
          'oxidise',
          'UTC',
        );
        const needed = estimate(240, clock, [], 'oxidise');
        const found = readyWith({ needed, ageHours: clock.ageAt(nowMs), nowMs }, cureRate(there));
        const asked = clock.timeOf(quantile(needed, 0.9) ?? Number.NaN);
        expect(Math.abs((found.p90 ?? 0) - Math.max(nowMs, asked))).toBeLessThan(1000);
        expect((found.p10 ?? 0) <= (found.p50 ?? 0) && (found.p50 ?? 0) <= (found.p90 ?? 0)).toBe(true);
      }),
      { numRuns: 100 },
    );
  });
  it('takes a day by its hours: heating off at night cures slower than heated through', () => {
    const cold = { ...room, tempC: 8 };
    const nights = dailyRate([
      { climate: room, hours: 10 },
      { climate: cold, hours: 14 },
    ]);
    expect(nights).toBeCloseTo((10 * cureRate(room) + 14 * cureRate(cold)) / 24, 12);
    expect(nights).toBeLessThan(cureRate(room));
    expect(dailyRate([])).toBe(0);
  });
});

const rates = (climate: Parameters<typeof cureRate>[0]) => dailyRates([{ climate, hours: 24 }]);

describe('where to carry which batch', () => {
  const clock = ageClock(START, [{ ...room, atMs: START }], room, 'oxidise', 'UTC');
  const needed = estimate(240, clock, [], 'oxidise');
  const nowMs = START + 24 * HOUR;
  const under = { needed, ageHours: clock.ageAt(nowMs), nowMs };
  const spots = [
    { id: 'rack', rates: rates(room), left: null },
    { id: 'warm', rates: rates(warm), left: 1 },
  ];
  const here = readyWith(under, cureRate(room)).p90 ?? 0;
  const there = readyWith(under, cureRate(warm)).p90 ?? 0;
  const batch = (id: string, dueMs: number | null, takes: number) => ({
    ...under,
    id,
    place: 'rack',
    dueMs,
    mode: 'oxidise' as const,
    room: { rack: takes, warm: takes },
  });
  it('puts first what saves a date, then what gains most', () => {
    const moves = rankMoves([batch('early', here + HOUR, 0.4), batch('saved', (here + there) / 2, 0.4)], spots);
    expect(moves.map((move) => [move.id, move.to, move.keepsDate])).toEqual([
      ['saved', 'warm', true],
      ['early', 'warm', false],
    ]);
    expect(moves[0]?.gainMs).toBeCloseTo(here - there, 0);
  });
  it('offers no place without room, none that is slower, none where it stands', () => {
    expect(rankMoves([batch('big', null, 2)], spots)).toEqual([]);
    expect(rankMoves([{ ...batch('warm', null, 0.1), place: 'warm' }], spots)).toEqual([]);
    expect(rankMoves([{ ...batch('kept', null, 0.1), room: { rack: 0.1 } }], spots)).toEqual([]);
  });
});
