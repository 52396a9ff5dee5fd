import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatInstant, parseMoment, type TimeLean } from '.';

const ZONE = 'Europe/Lisbon';
/** A Wednesday. */
const NOW = Date.parse('2031-03-05T14:20:00Z');
const of = (text: string, lean: TimeLean = 'back', now = NOW, zone = ZONE) => {
  const read = parseMoment(text, now, zone, lean);
  return read.ok ? formatInstant(read.value, zone).slice(0, 16) : (read.issues[0]?.code ?? '');
};

describe('a moment in words', () => {
  it.each([
    ['now', '2031-03-05T14:20'],
    ['40 min ago', '2031-03-05T13:40'],
    ['in 2 h', '2031-03-05T16:20'],
    ['in 1 h 30', '2031-03-05T15:50'],
    ['2 days ago', '2031-03-03T14:20'],
    ['14:00', '2031-03-05T14:00'],
    ['9', '2031-03-05T09:00'],
    ['9.05', '2031-03-05T09:05'],
    ['2 pm', '2031-03-05T14:00'],
    ['12 am', '2031-03-05T00:00'],
    ['12 pm', '2031-03-05T12:00'],
    ['tomorrow 9', '2031-03-06T09:00'],
    ['Yesterday at 17:30', '2031-03-04T17:30'],
    ['today', '2031-03-05T08:00'],
    ['12 mar 9:30', '2030-03-12T09:30'],
    ['1 February 2029, 7:15', '2029-02-01T07:15'],
    ['2031-03-12 14:00', '2031-03-12T14:00'],
    ['2031-03-12', '2031-03-12T08:00'],
    ['2031-03-12T14:05', '2031-03-12T14:05'],
  ])('“%s” is %s', (text, means) => {
    expect(of(text)).toBe(means);
  });
  it('leans to the last such day of what was done, and to the next of what is to come', () => {
    expect([of('fri 14:00'), of('fri 14:00', 'ahead')]).toEqual(['2031-02-28T14:00', '2031-03-07T14:00']);
    expect([of('mon'), of('mon', 'ahead')]).toEqual(['2031-03-03T08:00', '2031-03-10T08:00']);
    // On the day itself its hour decides.
    expect([of('wed 9'), of('wed 9', 'ahead')]).toEqual(['2031-03-05T09:00', '2031-03-12T09:00']);
    expect([of('wednesday 16'), of('wednesday 16', 'ahead')]).toEqual(['2031-02-26T16:00', '2031-03-05T16:00']);
    expect([of('4 mar 9'), of('4 mar 9', 'ahead')]).toEqual(['2031-03-04T09:00', '2032-03-04T09:00']);
    expect([of('6 mar 9'), of('6 mar 9', 'ahead')]).toEqual(['2030-03-06T09:00', '2031-03-06T09:00']);
    expect([of('5 mar 9'), of('5 mar 9', 'ahead')]).toEqual(['2031-03-05T09:00', '2031-03-05T09:00']);
  });
  it('keeps to the shop’s clock where it is changed in the night', () => {
    const sunday = Date.parse('2031-03-29T23:00:00Z');
    expect(of('tomorrow 9', 'ahead', sunday)).toBe('2031-03-30T09:00');
    expect(of('in 12 h', 'ahead', sunday)).toBe('2031-03-30T12:00');
    // The hour that the clock jumps over.
    expect(of('tomorrow 1:30', 'ahead', sunday)).toBe('2031-03-30T02:30');
  });
  it('refuses what is none, and guesses nothing', () => {
    for (const text of [
      '25:00',
      '9:60',
      '13 pm',
      '0 am',
      'fr 9',
      'tomorrow tomorrow',
      '32 mar 9',
      '31 feb 9',
      'ago',
      'in soon',
      '12 ma 9',
      '9 9',
      '1,000',
    ])
      expect(of(text), text).toBe('bad-time');
    expect(of('')).toBe('required');
  });
  it('reads back every minute it writes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3_000_000 }), (minute) => {
        const at = Date.parse('2029-01-01T00:00:00Z') + minute * 60_000;
        const read = parseMoment(formatInstant(at, 'UTC').slice(0, 16).replace('T', ' '), NOW, 'UTC', 'back');
        expect(read).toEqual({ ok: true, value: at });
      }),
    );
  });
});
