import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { openingsOf } from '.';
import { intersect, type Span, shift, union } from './spans';

const span = fc
  .tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 15 }))
  .map(([from, length]): Span => [from, from + length]);
const spans = fc.array(span, { maxLength: 6 });
const minutes = (list: readonly Span[]): Set<number> =>
  new Set(list.flatMap(([from, to]) => Array.from({ length: to - from + 1 }, (_, i) => from + i)));
const sorted = (set: Set<number>): number[] => [...set].sort((a, b) => a - b);

describe('spans of minutes', () => {
  it('unite to the same minutes, in order and apart', () => {
    fc.assert(
      fc.property(spans, (list) => {
        const made = union(list);
        // Touching spans are one: no minute of a gap is lost or made.
        expect(sorted(minutes(made))).toEqual(sorted(minutes(list)));
        made.slice(1).forEach(([from], i) => {
          expect(from).toBeGreaterThan((made[i] as Span)[1]);
        });
      }),
    );
  });
  it('have in common what both have', () => {
    fc.assert(
      fc.property(spans, spans, (a, b) => {
        const [first, second] = [minutes(a), minutes(b)];
        expect(sorted(minutes(intersect(union(a), union(b))))).toEqual(
          sorted(new Set([...first].filter((minute) => second.has(minute)))),
        );
      }),
    );
  });
  it('are shifted by every wait between the least and the most', () => {
    fc.assert(
      fc.property(spans, fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 9 }), (list, least, more) => {
        const reached = new Set(
          [...minutes(list)].flatMap((minute) => Array.from({ length: more + 1 }, (_, i) => minute + least + i)),
        );
        expect(sorted(minutes(shift(list, least, least + more)))).toEqual(sorted(reached));
      }),
    );
  });
});

describe('openings', () => {
  const shop = (shopHours: { day: number; open: string; close: string }[], closed: string[] = []) => ({
    zone: 'Europe/Lisbon',
    shopHours,
    closed,
  });
  const night = [
    { day: 6, open: '22:00', close: '24:00' },
    { day: 7, open: '00:00', close: '04:00' },
  ];
  const from = Date.parse('2031-03-29T12:00:00Z');
  it('lose the hour that the clock loses, and gain the one it gains', () => {
    expect(openingsOf(shop(night), from, 2880)).toEqual([[600, 900]]);
    expect(openingsOf(shop(night), Date.parse('2031-10-25T11:00:00Z'), 2880)).toEqual([[600, 1020]]);
  });
  it('are none on closed days, and begin before the moment they are counted from', () => {
    expect(openingsOf(shop(night, ['2031-03-29', '2031-03-30']), from, 2880)).toEqual([]);
    expect(openingsOf(shop([{ day: 6, open: '08:00', close: '18:00' }]), from, 60)).toEqual([[-240, 360]]);
  });
  it('are told apart by their hours though the days are the same', () => {
    expect(openingsOf(shop([{ day: 6, open: '08:00', close: '18:00' }]), from, 60)).not.toEqual(
      openingsOf(shop([{ day: 6, open: '09:00', close: '18:00' }]), from, 60),
    );
  });
});
