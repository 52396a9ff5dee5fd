import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ahead, bridge, forecastOf, gapsIn, rankMoves, type SeasonCell, type TimedClimate, togetherMoves } from '.';
import { SPELL_HOURS } from './forecast';

const HOUR = 3_600_000;
const NOW = Date.parse('2031-03-05T12:00:00Z');

/** A room with seasons and days: 16 ± 6 °C over the year, ± 2 °C over the day. */
const room = (ms: number): { tempC: number; rh: number } => {
  const day = (ms - Date.parse('2031-01-15T00:00:00Z')) / 86_400_000;
  const hour = (ms / HOUR) % 24;
  return {
    tempC: 16 - 6 * Math.cos((day / 365.25) * 2 * Math.PI) + 2 * Math.sin(((hour - 9) * Math.PI) / 12),
    rh: 0.55 + 0.08 * Math.cos((day / 365.25) * 2 * Math.PI),
  };
};
const history = (days: number, everyH = 1, off = 0): TimedClimate[] =>
  Array.from({ length: Math.floor((days * 24) / everyH) }, (_, i) => {
    const atMs = NOW - days * 24 * HOUR + i * everyH * HOUR;
    return { ...room(atMs), tempC: room(atMs).tempC + off, light: 'indoor', atMs };
  });
function cellsOf(readings: readonly TimedClimate[]): SeasonCell[] {
  const cells = new Map<string, SeasonCell>();
  for (const { atMs, tempC, rh } of readings) {
    const [month, hour] = [new Date(atMs).getUTCMonth() + 1, new Date(atMs).getUTCHours()];
    const old = cells.get(`${month} ${hour}`) ?? { month, hour, n: 0, sumTempC: 0, sumRh: 0 };
    cells.set(`${month} ${hour}`, { ...old, n: old.n + 1, sumTempC: old.sumTempC + tempC, sumRh: old.sumRh + rh });
  }
  return [...cells.values()];
}

describe('the forecast of a room', () => {
  const year = history(400);
  it('knows the time of day and the season from the shop’s own year', () => {
    const found = forecastOf(cellsOf(year), year.slice(-72), NOW);
    for (const days of [1, 10, 60, 130, 200]) {
      for (const hour of [3, 15]) {
        const ms = Date.parse('2031-03-05T00:00:00Z') + (days * 24 + hour) * HOUR;
        expect(Math.abs((found?.(ms).tempC ?? 99) - room(ms).tempC)).toBeLessThan(1);
        expect(Math.abs((found?.(ms).rh ?? 9) - room(ms).rh)).toBeLessThan(0.03);
      }
    }
  });
  it('is flat about its mean with a few weeks, keeps the swing of the day, and invents nothing from nothing', () => {
    const weeks = history(21);
    const found = forecastOf(cellsOf(weeks), weeks.slice(-72), NOW);
    const mean = weeks.reduce((sum, one) => sum + one.tempC, 0) / weeks.length;
    const noon = Date.parse('2031-07-05T15:00:00Z');
    expect(Math.abs((found?.(noon).tempC ?? 0) - mean)).toBeLessThan(2.5);
    expect((found?.(noon).tempC ?? 0) - (found?.(noon - 12 * HOUR).tempC ?? 0)).toBeGreaterThan(2);
    expect(forecastOf([], [], NOW)).toBeNull();
  });
  it('swings by the season: a shop that is heated by day in winter and left alone in summer', () => {
    const heated = history(400).map((one) => {
      const [month, hour] = [new Date(one.atMs).getUTCMonth(), new Date(one.atMs).getUTCHours()];
      const winter = month < 3 || month > 9;
      return { ...one, tempC: winter ? (hour >= 8 && hour < 18 ? 19 : 9) : 20 };
    });
    const found = forecastOf(cellsOf(heated), [], NOW);
    const swingOn = (date: string): number =>
      (found?.(Date.parse(`${date}T13:00:00Z`)).tempC ?? 0) - (found?.(Date.parse(`${date}T03:00:00Z`)).tempC ?? 0);
    expect(swingOn('2032-01-15')).toBeGreaterThan(8);
    expect(Math.abs(swingOn('2031-07-15'))).toBeLessThan(2.5);
    // Every third hour alone says the same.
    const rare = forecastOf(cellsOf(heated.filter((_, i) => i % 3 === 0)), [], NOW);
    expect(rare?.(Date.parse('2032-01-15T13:00:00Z')).tempC).toBeGreaterThan(17);
    expect(rare?.(Date.parse('2032-01-15T03:00:00Z')).tempC).toBeLessThan(11);
  });
  it('carries a cold spell on and lets it fade', () => {
    const spell = history(3, 1, -5);
    const found = forecastOf(cellsOf(year), spell, NOW);
    const usual = forecastOf(cellsOf(year), [], NOW);
    const off = (hours: number): number => (found?.(NOW + hours * HOUR).tempC ?? 0) - (usual?.(NOW + hours * HOUR).tempC ?? 0);
    expect(off(0)).toBeLessThan(-4);
    expect(off(SPELL_HOURS) / off(0)).toBeCloseTo(Math.exp(-1), 6);
    expect(Math.abs(off(20 * 24))).toBeLessThan(0.05);
  });
});

describe('gaps in the readings', () => {
  const whole = history(6);
  const holed = whole.filter((one) => one.atMs < NOW - 80 * HOUR || one.atMs > NOW - 50 * HOUR);
  it('are found by the usual step, and none where readings are merely rare', () => {
    expect(gapsIn(whole)).toEqual([]);
    expect(gapsIn(history(20, 24))).toEqual([]);
    expect(gapsIn(holed)).toHaveLength(1);
    expect(gapsIn([])).toEqual([]);
  });
  it('are bridged by what is usual, bent to both ends; readings stay as they were', () => {
    const usual = forecastOf(cellsOf(history(400)), [], NOW);
    if (!usual) throw new Error('no history');
    const filled = bridge(holed, gapsIn(holed), usual);
    const added = filled.filter((one) => !holed.some((read) => read.atMs === one.atMs));
    expect(added.length).toBeGreaterThan(8);
    for (const one of added) expect(Math.abs(one.tempC - room(one.atMs).tempC)).toBeLessThan(1.2);
    expect(filled.filter((one) => holed.includes(one))).toHaveLength(holed.length);
    expect(filled.map((one) => one.atMs)).toEqual([...filled.map((one) => one.atMs)].sort((a, b) => a - b));
  });
  it('leave the forecast as three-hourly stretches without holes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), (hours) => {
        const found = ahead(() => ({ tempC: 20, rh: 0.5 }), NOW, NOW + hours * HOUR, 'dark');
        expect(found).toHaveLength(Math.ceil(hours / 3));
        expect(found[0]?.atMs).toBe(NOW);
      }),
    );
  });
});

describe('moves that are made together', () => {
  const needed = { hours: [100], weights: [1], never: 0 };
  const at = (rate: number) => ({ oxidise: rate, settle: rate, evaporate: rate });
  const batch = (id: string, room: number, dueHours: number) => ({
    id,
    needed,
    ageHours: 0,
    nowMs: NOW,
    place: 'rack',
    dueMs: NOW + dueHours * HOUR,
    mode: 'oxidise' as const,
    room: { rack: room, warm: room },
  });
  const spots = [
    { id: 'rack', rates: at(1), left: 5 },
    { id: 'warm', rates: at(2), left: 1 },
  ];
  it('share the room there is, and name who is late all the same', () => {
    const found = togetherMoves([batch('a', 0.7, 60), batch('b', 0.7, 60), batch('c', 0.2, 120)], spots);
    expect(found.moves.map((move) => [move.id, move.to])).toEqual([['a', 'warm']]);
    expect(found.late).toEqual(['b']);
    expect(togetherMoves([batch('a', 0.5, 60), batch('b', 0.5, 60)], spots).late).toEqual([]);
  });
  it('give back the room a batch leaves, to the place it leaves', () => {
    const three = [
      { id: 'rack', rates: at(1), left: 0 },
      { id: 'sill', rates: at(1.5), left: 0.5 },
      { id: 'warm', rates: at(2), left: 1 },
    ];
    const wide = (id: string, place: string, takes: number, dueHours: number) => ({
      ...batch(id, takes, dueHours),
      place,
      room: { rack: takes, sill: takes, warm: takes },
    });
    // 100 h of need: 67 h on the sill, 50 h in the warm. The one from the sill needs the warm; the other then has its place.
    const found = togetherMoves([wide('from-sill', 'sill', 1, 55), wide('from-rack', 'rack', 1.2, 70)], three);
    expect(found.moves.map((move) => [move.id, move.to])).toEqual([
      ['from-sill', 'warm'],
      ['from-rack', 'sill'],
    ]);
    expect(found.late).toEqual([]);
    // Where nothing limits a place nothing is counted there.
    const open = three.map((spot) => ({ ...spot, left: spot.id === 'warm' ? null : spot.left }));
    expect(togetherMoves([wide('a', 'rack', 3, 55), wide('b', 'rack', 3, 55)], open).moves).toHaveLength(2);
  });
  it('keep a date that is met to the minute, and save none that is met where it stands', () => {
    expect(togetherMoves([batch('a', 0.5, 50)], spots).moves).toMatchObject([{ id: 'a', keepsDate: true, gainMs: 50 * HOUR }]);
    expect(togetherMoves([batch('a', 0.5, 49.9)], spots)).toEqual({ moves: [], late: ['a'] });
    expect(togetherMoves([batch('a', 0.5, 100)], spots)).toEqual({ moves: [], late: [] });
    expect(togetherMoves([{ ...batch('a', 0.5, 50), dueMs: null }], spots)).toEqual({ moves: [], late: [] });
  });
  it('are ranked by what they gain where no date is at stake', () => {
    const three = [...spots, { id: 'sill', rates: at(1.5), left: 5 }];
    const free = { ...batch('a', 0.5, 500), room: { rack: 0.5, warm: 0.5, sill: 0.5 } };
    expect(rankMoves([free], three).map((move) => move.to)).toEqual(['warm', 'sill']);
    // A place that is no faster gains nothing.
    expect(rankMoves([free], [...spots.slice(0, 1), { id: 'sill', rates: at(1), left: 5 }])).toEqual([]);
  });
});

describe('the spell and the bridge, to the figure', () => {
  const flat: SeasonCell[] = Array.from({ length: 12 * 24 }, (_, i) => ({
    month: 1 + Math.floor(i / 24),
    hour: i % 24,
    n: 100,
    sumTempC: 1800,
    sumRh: 50,
  }));
  const read = (hours: number, tempC: number, rh = 0.5): TimedClimate => ({
    tempC,
    rh,
    light: 'indoor',
    atMs: NOW + hours * HOUR,
  });
  it('counts the last three days up to now, and neither what was before nor what is dated ahead', () => {
    const of = (recent: readonly TimedClimate[]) => forecastOf(flat, recent, NOW)?.(NOW).tempC ?? 0;
    expect(of([])).toBeCloseTo(18, 9);
    expect(of([read(0, 14)])).toBeCloseTo(14, 9);
    expect(of([read(-SPELL_HOURS, 14)])).toBeCloseTo(14, 9);
    expect(of([read(-SPELL_HOURS - 0.01, 14)])).toBeCloseTo(18, 9);
    expect(of([read(0.01, 14)])).toBeCloseTo(18, 9);
    expect(of([read(-1, 14), read(-2, 16), read(1, 30)])).toBeCloseTo(15, 9);
    // It fades to a third in three days, and bends the past not at all the more.
    const found = forecastOf(flat, [read(-1, 14)], NOW);
    expect(found?.(NOW + SPELL_HOURS * HOUR).tempC).toBeCloseTo(18 - 4 / Math.E, 9);
    expect(found?.(NOW - 10 * HOUR).tempC).toBeCloseTo(14, 9);
  });
  it('runs straight from how much one end differed to how much the other did', () => {
    const usual = () => ({ tempC: 18, rh: 0.5 });
    const ends = [read(0, 20, 0.55), read(30, 24, 0.6)];
    const filled = bridge(ends, [{ fromMs: NOW, toMs: NOW + 30 * HOUR }], usual);
    expect(filled[0]).toEqual(ends[0]);
    expect(filled.at(-1)).toEqual(ends[1]);
    const added = filled.slice(1, -1);
    expect(added.map((one) => (one.atMs - NOW) / HOUR)).toEqual([3, 6, 9, 12, 15, 18, 21, 24, 27]);
    for (const one of added) {
      const share = (one.atMs - NOW) / (30 * HOUR);
      expect(one.tempC).toBeCloseTo(20 + 4 * share, 9);
      expect(one.rh).toBeCloseTo(0.55 + 0.05 * share, 9);
    }
    // An end that was not read cannot be bridged to.
    expect(bridge([read(0, 20)], [{ fromMs: NOW, toMs: NOW + 30 * HOUR }], usual)).toHaveLength(1);
    expect(bridge([read(30, 20)], [{ fromMs: NOW, toMs: NOW + 30 * HOUR }], usual)).toHaveLength(1);
  });
});
