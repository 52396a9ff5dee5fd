import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BASE_READS, type IssueCode } from '@/core/quantity';
import { sayBlocking, sayIssue } from '.';
import { ISSUE_WORDS } from './issues';

const CODES = Object.keys(ISSUE_WORDS) as IssueCode[];

describe('words', () => {
  it.each(CODES.map((code) => [code] as const))('%s is said in whole sentences', (code) => {
    const bounds = {
      text: '7 furlongs',
      unit: 'furlongs',
      least: 1,
      each: 20,
      most: 9,
      name: 'Beeswax',
      number: 'S31-01',
      left: 4,
      has: 0.3,
      sizes: '1.2 m',
      missing: 12,
      wanted: 5,
      have: 2,
      before: 3,
      action: 'Flood',
      under: 'Seal thinly',
      next: 'Wet',
      gate: 'check',
      last: 'Mon 10:00',
      sum: 1.2,
      instead: 'oil',
      id: 'x',
      zone: 'Mars',
      expected: 'wet',
      detail: 'a whole number',
      wants: 'never',
      feel: 'paste',
      thousands: '1000',
      decimal: '1.0',
      why: 'a fuel',
      may: 'Tung oil',
      parts: 3,
      lines: 2,
      word: 'honey',
    };
    for (const words of [sayIssue({ code, path: '', with: bounds }, BASE_READS)]) {
      expect(words).toMatch(/^[A-Z“0-9].*[.?]$/);
      expect(words).not.toMatch(/undefined|NaN|null|\[object/);
    }
  });
  it('never print a number longer than a person reads', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 1e6, noNaN: true }), (left) => {
        expect(
          sayIssue({ code: 'overdrawn', path: '', with: { number: 'S31-01', left, wanted: left } }, BASE_READS).length,
        ).toBeLessThan(140);
      }),
    );
  });
  it('name what stands in the way of a plan', () => {
    const base = { stepId: 'wipe', handsMin: 25 };
    expect(sayBlocking({ ...base, why: 'no-opening-in-window', after: 'coat', waitMin: 15, waitMax: 15 })).toBe(
      '“wipe” must follow “coat” by exactly 15 min, and no opening with 25 min of hands fits there',
    );
    expect(sayBlocking({ ...base, why: 'no-opening-long-enough', longestMin: 20 }, () => 'the wipe')).toContain(
      'the wipe takes 25 min of hands, and the longest opening is 20 min',
    );
    expect(sayBlocking({ ...base, why: 'past-horizon', horizonDays: 40 })).toContain('40 days');
    expect(sayBlocking({ ...base, why: 'no-opening' })).toContain('enter its hours');
  });
});
