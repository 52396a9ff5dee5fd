import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hoursText, readHours, withEdge } from './hours-text';

const week = (monday: string): string[] => [monday, '', '', '', '', '', ''];

describe('typed hours', () => {
  it.each([
    [
      '08:30-12:30, 13:30-18:00',
      [
        ['08:30', '12:30'],
        ['13:30', '18:00'],
      ],
    ],
    ['8-17', [['08:00', '17:00']]],
    ['8.15 – 24:00', [['08:15', '24:00']]],
    ['08:59-09:59', [['08:59', '09:59']]],
    ['  ', []],
    ['', []],
  ])('reads “%s”', (text, spans) => {
    const read = readHours(week(text));
    expect(read.bad).toEqual([]);
    expect(read.hours).toEqual((spans as string[][]).map(([open, close]) => ({ day: 1, open, close })));
  });
  it.each(['17-8', 'morning', '08:30', '08:75-10:00', '08:00-10:60', '08:60-10:00', '10:00-25:00', '9-9'])(
    'refuses “%s”',
    (text) => expect(readHours(week(text)).bad).toEqual([0]),
  );
  it('are said as they are read', () => {
    const { hours } = readHours(['08:30-12:30, 13:30-18:00', '', '', '', '', '09:00-13:00', '']);
    expect(readHours(hoursText(hours)).hours).toEqual(hours);
  });
});

describe('hours that are dragged', () => {
  it('move by quarters, and stop a quarter short of what stands beside them', () => {
    expect(withEdge('08:30-17:30', 0, 7 * 60 + 8)).toBe('07:15-17:30');
    expect(withEdge('08:30-17:30', 1, 24 * 60 + 90)).toBe('08:30-24:00');
    expect(withEdge('08:30-17:30', 1, 60)).toBe('08:30-08:45');
    expect(withEdge('08:30-12:30, 13:30-18:00', 1, 15 * 60)).toBe('08:30-13:15, 13:30-18:00');
    expect(withEdge('08:30-12:30, 13:30-18:00', 2, 0)).toBe('08:30-12:30, 12:45-18:00');
  });
  it('leave alone what they cannot read, and what is not there', () => {
    expect(withEdge('all day', 0, 600)).toBe('all day');
    expect(withEdge('', 0, 600)).toBe('');
    expect(withEdge('08:30-17:30', 2, 600)).toBe('08:30-17:30');
  });
  it('are always hours again', () => {
    fc.assert(
      fc.property(fc.nat({ max: 3 }), fc.integer({ min: -600, max: 2000 }), (edge, to) => {
        expect(readHours([withEdge('08:30-12:30, 13:30-18:00', edge, to)]).bad).toEqual([]);
      }),
    );
  });
});
