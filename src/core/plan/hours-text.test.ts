import { describe, expect, it } from 'vitest';
import { hoursText, readHours } from './hours-text';

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
