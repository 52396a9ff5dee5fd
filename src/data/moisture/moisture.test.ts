import { describe, expect, it } from 'vitest';
import { moistureReading } from '../schema';
import { demoDb, refusal } from '../testing';
import { recordMoisture, woodState } from './moisture';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const DAY = 86_400_000;
const at = (days: number) => ({ personId: 1, nowMs: NOW + days * DAY });
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);

describe('the wood of a batch', () => {
  it('is held against the air it stands in, and forecast from its own readings', () => {
    const db = demoDb(NOW);
    const read = (percent: number, days: number, isValid = true) =>
      code(recordMoisture(db, { batchId: 1, percent, spot: 'middle', isValid }, at(days)));
    expect([read(24, 0), read(40, 0, false), read(19, 2), read(16, 4)]).toEqual(['ok', 'ok', 'ok', 'ok']);
    const state = woodState(db, 1, 1);
    expect(state.emcPercent).toBeGreaterThan(5);
    expect(state.dampness).toMatchObject({ percent: 16, verdict: 'too-damp', movesHere: true });
    expect(state.dryBy?.atMs).toBeGreaterThan(NOW + 4 * DAY);
    expect(state.readings).toHaveLength(4);
    expect(woodState(db, 1, null)).toMatchObject({ emcPercent: null, dryBy: null, dampness: { percent: 16 } });
    expect(woodState(db, 3, 1).dampness).toBeNull();
  });
  it('refuses what no meter says', () => {
    const db = demoDb(NOW);
    expect(code(recordMoisture(db, { batchId: 1, percent: 0, spot: '', isValid: true }, at(0)))).toBe('too-large');
    expect(code(recordMoisture(db, { batchId: 999, percent: 9, spot: '', isValid: true }, at(0)))).toBe('not-found');
    expect(refusal(() => db.insert(moistureReading).values({ batchId: 1, percent: 500, personId: 1, at: 0 }).run())).toMatch(
      /CHECK/,
    );
  });
});
