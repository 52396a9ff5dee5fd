import { describe, expect, it } from 'vitest';
import { demoDb, emptyDb, reportOf } from '../testing';
import { loadBatch, openBatchIds } from '../work/batch';
import { recordEntry } from '../work/record';
import { AHEAD_MS, BACK_MS, clockDoubt, trustClock } from './clock-doubt';

const NOW = Date.parse('2031-03-05T14:20:00Z');

describe('a clock that leaps', () => {
  it('is not asked about where nothing is recorded, nor as time goes by', () => {
    expect(clockDoubt(emptyDb(), 0)).toBeNull();
    const db = demoDb(NOW);
    for (const later of [0, 60_000, AHEAD_MS / 2]) expect(clockDoubt(db, NOW + later)).toBeNull();
  });
  it('is asked about when it is set back or goes far ahead of the newest record', () => {
    const db = demoDb(NOW);
    const newest = clockDoubt(db, 0)?.newestMs ?? 0;
    expect(newest).toBeGreaterThan(NOW - 30 * 86_400_000);
    expect(clockDoubt(db, newest - BACK_MS)).toBeNull();
    expect(clockDoubt(db, newest - BACK_MS - 1)).toEqual({ way: 'back', newestMs: newest });
    expect(clockDoubt(db, newest + AHEAD_MS)).toBeNull();
    expect(clockDoubt(db, newest + AHEAD_MS + 1)).toEqual({ way: 'ahead', newestMs: newest });
  });
  it('counts from a person’s word on, in either way, until it leaps again', () => {
    const db = demoDb(NOW);
    expect(trustClock(db, { personId: 1, nowMs: NOW })).toMatchObject({ ok: false });
    const back = NOW - 400 * 86_400_000;
    expect(trustClock(db, { personId: 1, nowMs: back }).ok).toBe(true);
    expect(clockDoubt(db, back + 60_000)).toBeNull();
    expect(clockDoubt(db, back - BACK_MS - 1)?.way).toBe('back');
    expect(clockDoubt(db, NOW)?.way).toBe('ahead');
    expect(trustClock(db, { personId: 1, nowMs: NOW }).ok).toBe(true);
    expect(clockDoubt(db, NOW)).toBeNull();
  });
  it('is held against what was recorded after that word', () => {
    const db = demoDb(NOW);
    const ahead = NOW + AHEAD_MS * 2;
    expect(trustClock(db, { personId: 1, nowMs: ahead }).ok).toBe(true);
    const id = openBatchIds(db).find((one) => loadBatch(db, one, ahead)?.number === '31-006') ?? 0;
    const stored = recordEntry(db, reportOf(id, 'wipe-2', ahead + 3_600_000, { sure: true }), {
      personId: 1,
      nowMs: ahead + 3_600_000,
    });
    expect(stored.ok).toBe(true);
    expect(clockDoubt(db, ahead + 3_600_000 - BACK_MS - 1)).toEqual({ way: 'back', newestMs: ahead + 3_600_000 });
  });
});
