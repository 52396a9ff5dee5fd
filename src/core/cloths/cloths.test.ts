import { describe, expect, it } from 'vitest';
import { closesWhenLaid, clothHazard, clothWaysFor, inSession, lookFromMs, makesCloths, worstHazard } from '.';
import { LOOK_AFTER_HOURS } from './look';
import { SESSION_HOURS } from './session';

const HOUR = 3_600_000;

describe('oily cloths', () => {
  it('come from every coat, wipe and buff, and from sanding once oil is on', () => {
    for (const kind of ['coat', 'wipe', 'buff'] as const) expect(makesCloths(kind, false)).toBe(true);
    for (const kind of ['sand', 'scuff'] as const)
      expect([makesCloths(kind, false), makesCloths(kind, true)]).toEqual([false, true]);
    for (const kind of ['wet', 'turn', 'check', 'warm'] as const) expect(makesCloths(kind, true)).toBe(false);
  });
  it('heat where nobody says what is on them', () => {
    expect(clothHazard({ ragHazard: 'plain', undeclared: true })).toBe('self-heating');
    expect(clothHazard({ ragHazard: null, undeclared: false })).toBe('self-heating');
    expect(clothHazard({ ragHazard: 'plain', undeclared: false })).toBe('plain');
    expect(worstHazard(['plain', 'flammable'])).toBe('flammable');
    expect(worstHazard([])).toBe('plain');
  });
  it('are one session for a day, over midnight for ten hours, and looked at twelve hours after they were laid', () => {
    expect([SESSION_HOURS, LOOK_AFTER_HOURS]).toEqual([10, 12]);
    const [early, late] = [Date.parse('2031-03-05T06:10:00Z'), Date.parse('2031-03-05T22:50:00Z')];
    const joins = (from: number, hours: number, zone = 'UTC') => inSession(from, from + hours * HOUR, zone);
    expect([inSession(early, late, 'UTC'), inSession(late, early, 'UTC')]).toEqual([true, true]);
    // In Lisbon it is the same day; east of it the evening is another one.
    expect([inSession(early, late, 'Europe/Lisbon'), inSession(early, late, 'Europe/Athens')]).toEqual([true, false]);
    expect([joins(late, 10), joins(late, 10 + 1e-6), joins(late, -10)]).toEqual([true, false, true]);
    expect(lookFromMs(5)).toBe(5 + 12 * HOUR);
    expect([closesWhenLaid('plain'), closesWhenLaid('flammable'), closesWhenLaid('self-heating')]).toEqual([true, false, false]);
  });
  it('are never burnt with solvent in them', () => {
    expect(clothWaysFor('self-heating', false)).toContain('burnt');
    expect(clothWaysFor('self-heating', true)).not.toContain('burnt');
    expect(clothWaysFor('flammable', false)).not.toContain('burnt');
  });
});
