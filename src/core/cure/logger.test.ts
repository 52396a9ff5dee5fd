import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { type LoggerStyle, loggerFile } from '@/devices/practice-logger';
import { clockSetRight, readLogger } from '.';

const FROM = Date.parse('2031-03-03T08:00:00Z');
const DAY = 86_400_000;
const options = { seed: 3, fromMs: FROM, untilMs: FROM + 4 * DAY, everyMin: 10, meanC: 18, rh: 0.56 };
const style: LoggerStyle = { delimiter: ';', decimal: ',', order: 'day-first', unit: 'C' };
const rowsOf = (text: string) => Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' }).data;
const read = (text: string, zone = 'UTC') => {
  const found = readLogger(rowsOf(text), zone);
  if (!found.ok) throw new Error(found.issues.map((issue) => `${issue.path} ${issue.code}`).join());
  return found.value;
};

describe('a room logger’s file', () => {
  it('is read the same however it is written', () => {
    const plain = read(loggerFile({ ...options, style: { delimiter: ',', decimal: '.', order: 'iso', unit: 'C' } }));
    expect(plain.readings).toHaveLength(4 * 144 + 1);
    fc.assert(
      fc.property(
        fc.record({
          delimiter: fc.constantFrom(';', '\t') as fc.Arbitrary<LoggerStyle['delimiter']>,
          decimal: fc.constantFrom('.', ',') as fc.Arbitrary<LoggerStyle['decimal']>,
          order: fc.constantFrom('iso', 'day-first', 'month-first') as fc.Arbitrary<LoggerStyle['order']>,
          unit: fc.constantFrom('C', 'F') as fc.Arbitrary<LoggerStyle['unit']>,
        }),
        (written) => {
          const found = read(loggerFile({ ...options, style: written }));
          expect(found.understood).toMatchObject({
            order: written.order,
            orderIsSure: true,
            unit: written.unit,
            humidity: 'percent',
            decimal: written.decimal === ',' ? 'comma' : 'point',
          });
          expect(found.faults).toEqual([]);
          expect(found.readings).toHaveLength(plain.readings.length);
          found.readings.forEach((one, i) => {
            expect(one.atMs).toBe(plain.readings[i]?.atMs);
            expect(Math.abs(one.tempC - (plain.readings[i]?.tempC ?? 0))).toBeLessThan(0.12);
          });
        },
      ),
      { numRuns: 24 },
    );
  });
  it('shows a gap and a flat battery, and invents nothing for them', () => {
    const found = read(loggerFile({ ...options, style, gap: { afterHours: 20, hours: 9 }, flatAfterHours: 60 }));
    expect(found.gaps).toHaveLength(1);
    expect((found.gaps[0]?.toMs ?? 0) - (found.gaps[0]?.fromMs ?? 0)).toBeGreaterThanOrEqual(9 * 3_600_000);
    expect(found.readings.at(-1)?.atMs).toBeLessThanOrEqual(FROM + 60 * 3_600_000);
    expect(found.readings.every((one) => one.atMs <= FROM + 20 * 3_600_000 || one.atMs >= FROM + 29 * 3_600_000)).toBe(true);
  });
  it('asks for the order of day and month only where the file leaves it open, and takes the answer', () => {
    const rows = [
      ['Time', 'Temp °C', 'RH %'],
      ['03/04/2031 08:00', '18', '55'],
      ['03/04/2031 09:00', '18.5', '55'],
    ];
    const of = (asked: 'day-first' | 'month-first' | null) => {
      const found = readLogger(rows, 'UTC', asked);
      return found.ok ? [found.value.understood.orderIsSure, new Date(found.value.readings[0]?.atMs ?? 0).toISOString()] : [];
    };
    expect(of(null)).toEqual([false, '2031-04-03T08:00:00.000Z']);
    expect(of('month-first')).toEqual([false, '2031-03-04T08:00:00.000Z']);
    expect(of('day-first')).toEqual(of(null));
    // What the file itself tells is not talked over.
    const told = readLogger([...rows, ['25/04/2031 10:00', '18', '55']], 'UTC', 'month-first');
    expect(told.ok && told.value.understood).toMatchObject({ order: 'day-first', orderIsSure: true });
  });
  it('has its clock set right where it is seen to be ahead, never where it cannot be told', () => {
    const until = FROM + 4 * DAY;
    const late = read(loggerFile({ ...options, style, clockAheadMin: 60 })).readings;
    const right = clockSetRight(late, until + 90_000);
    expect(right.aheadMs).toBe(3_600_000);
    expect(right.readings.at(-1)?.atMs).toBe(until);
    expect(clockSetRight(late, until + 61 * 60_000)).toMatchObject({ aheadMs: 0 });
    expect(clockSetRight(late, until - 40 * DAY)).toMatchObject({ aheadMs: 0 });
    expect(clockSetRight([], until)).toEqual({ readings: [], aheadMs: 0 });
  });
  it('has a year in it, warmer in summer', () => {
    const year = read(
      loggerFile({ ...options, style, fromMs: FROM - 300 * DAY, untilMs: FROM, everyMin: 180, seasonC: 4 }),
    ).readings;
    const near = (date: string) => year.find((one) => one.atMs >= Date.parse(date))?.tempC ?? 0;
    expect(near('2030-07-15T12:00:00Z') - near('2031-01-15T12:00:00Z')).toBeGreaterThan(5);
  });
  it('keeps a logger’s own wall clock in the shop’s zone', () => {
    const found = read('Time;Temp °C;RH %\r\n13.03.2031 09:00;18,0;55\r\n', 'Europe/Oslo');
    expect(found.readings[0]?.atMs).toBe(Date.parse('2031-03-13T08:00:00Z'));
  });
  it('tells which order is meant by the file running on, and says where it cannot be told', () => {
    const rows = (lines: readonly string[]) =>
      read(['Time,Temp,Hum', ...lines.map((line) => `${line} 10:00,18.5,55`)].join('\n'));
    expect(rows(['03/04/2031', '03/05/2031', '03/06/2031']).understood).toMatchObject({
      order: 'month-first',
      orderIsSure: true,
    });
    expect(rows(['03/04/2031', '04/04/2031', '05/04/2031']).understood).toMatchObject({ order: 'day-first', orderIsSure: true });
    expect(rows(['03/03/2031']).understood).toMatchObject({ order: 'day-first', orderIsSure: false });
  });
  it('names rows it cannot read, and takes the others', () => {
    const found = read(
      'Date,Time,Temp,RH\n04.03.2031,10:00 pm,18,0.5\nsoon,,18,0.5\n05.03.2031,10:00,warm,0.5\n06.03.2031,10:00,99,0.5\n',
    );
    expect(found.readings).toMatchObject([{ tempC: 18, rh: 0.5 }]);
    expect(found.readings[0]?.atMs).toBe(Date.parse('2031-03-04T22:00:00Z'));
    expect(found.faults.map(({ row, issue }) => [row, issue.code])).toEqual([
      [2, 'bad-time'],
      [3, 'not-a-number'],
      [4, 'too-large'],
    ]);
    expect(readLogger([['a', 'b']], 'UTC')).toMatchObject({
      ok: false,
      issues: [{ path: 'time' }, { path: 'temperature' }, { path: 'humidity' }],
    });
    expect(readLogger([['time', 'temp', 'rh']], 'UTC')).toMatchObject({ ok: false });
  });
  it.each([
    [30, 120, 0],
    [30, 121, 1],
    [10, 60, 0],
    [10, 61, 1],
    [120, 480, 0],
    [120, 481, 1],
  ])('finds a gap where one beat of %s min took %s min: %s', (beat, step, gaps) => {
    const minutes = [...Array.from({ length: 20 }, (_, i) => i * beat), 19 * beat + step, 20 * beat + step];
    const rows = minutes.map((at, i) => `${new Date(FROM + at * 60_000).toISOString()};18.${i % 9};5${i % 9}`);
    const found = read(['time;temp;humidity', ...rows].join('\n'));
    expect(found.readings).toHaveLength(minutes.length);
    expect(found.gaps).toEqual(
      gaps === 0 ? [] : [{ fromMs: FROM + 19 * beat * 60_000, toMs: FROM + (19 * beat + step) * 60_000 }],
    );
  });
  it('takes what a room can be, to the bound, and nothing beyond', () => {
    const cells = ['-40;0', '60;100', '-41;50', '61;50', '18;101', '18;-1'];
    const found = read(['time;temp c;humidity', ...cells.map((cell, i) => `2031-03-04T1${i}:00:00Z;${cell}`)].join('\n'));
    expect(found.readings.map(({ tempC, rh }) => [tempC, rh])).toEqual([
      [-40, 0],
      [60, 1],
    ]);
    expect(found.faults.map(({ row, issue }) => [row, issue.code])).toEqual([3, 4, 5, 6].map((row) => [row, 'too-large']));
  });
  it.each([
    ['oldest first', (rows: string[]) => rows],
    ['newest first', (rows: string[]) => [...rows].reverse()],
  ])('knows the second of a doubled autumn hour by the step back, %s', (_, turned) => {
    // In Berlin the clock goes back from 03:00 to 02:00 on 26 October 2031, at 01:00 UTC.
    const walls = ['01:40', '02:00', '02:20', '02:40', '02:00', '02:20', '02:40', '03:00'];
    const rows = walls.map((wall, i) => `26.10.2031 ${wall};18.${i};50`);
    const found = read(['time;temp;humidity', ...turned(rows)].join('\n'), 'Europe/Berlin');
    const first = Date.parse('2031-10-25T23:40:00Z');
    expect(found.readings.map((one) => one.atMs)).toEqual(walls.map((__, i) => first + i * 20 * 60_000));
    expect(found.readings.map((one) => one.tempC)).toEqual(walls.map((__, i) => 18 + i / 10));
  });
  it('knows it of a logger that writes once an hour, and lets a time with its own offset be', () => {
    const hourly = read(
      ['time;temp;humidity', ...['01:00', '02:00', '02:00', '03:00'].map((wall) => `26.10.2031 ${wall};18;50`)].join('\n'),
      'Europe/Berlin',
    );
    expect(hourly.readings).toHaveLength(4);
    const said = ['2031-10-26T02:30:00+02:00', '2031-10-26T02:10:00+02:00', '2031-10-26T02:50:00+02:00'];
    const own = read(['time;temp;humidity', ...said.map((at) => `${at};18;50`)].join('\n'), 'Europe/Berlin');
    expect(own.readings.map((one) => one.atMs)).toEqual([...said].map((at) => Date.parse(at)).sort((a, b) => a - b));
  });
});
