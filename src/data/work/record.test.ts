import { sql } from 'drizzle-orm';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Db } from '../db';
import { layRags } from '../rags/commands';
import { openRagLines } from '../rags/queries';
import { logEntry } from '../schema';
import { allLots, leftOf } from '../stores/queries';
import { demoDb, lastEntryOf, refusal, reportOf } from '../testing';
import { findBatchId, loadBatch } from './batch';
import { type Report, recordEntry } from './record';
import { progressOfBatch } from './standing';
import { correctEntry, undoLast } from './strike';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const MIN = 60_000;
let db: Db;
let batchId: number;
const by = { personId: 1, nowMs: NOW };

beforeEach(() => {
  db = demoDb(NOW);
  batchId = findBatchId(db, '31-007') ?? 0;
});

const report = (task: string, minutes: number, more: Partial<Report> = {}): Report =>
  reportOf(batchId, task, NOW + minutes * MIN, { clientId: `client-${task}`, ...more });
const later = (minutes: number) => ({ personId: 1, nowMs: NOW + minutes * MIN });
const say = (task: string, minutes: number, more: Partial<Report> = {}) =>
  recordEntry(db, report(task, minutes, more), later(minutes));
const doneTasks = () => {
  const batch = loadBatch(db, batchId, NOW);
  return batch ? progressOfBatch(batch).progress.done.map(({ task }) => task.key) : [];
};
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);
const oilLot = () => loadBatch(db, batchId, NOW)?.materials.oil?.id ?? 0;
function untilFlooded(): void {
  say('sand-120', 10);
  say('wet', 12);
  say('knock-back-220', 140);
  say('flood-1', 150);
}

describe('recording', () => {
  it('stores the same record once, however often it is sent', () => {
    expect(say('sand-120', 10)).toMatchObject({ ok: true, value: { stored: 'new' } });
    expect(say('sand-120', 10)).toMatchObject({ ok: true, value: { stored: 'already' } });
    expect(doneTasks()).toEqual(['sand-120']);
  });
  it('puts late records that come out of order in their place', () => {
    say('sand-120', 10);
    expect(code(recordEntry(db, report('knock-back-220', 140, { queued: true }), later(300)))).toBe('ok');
    expect(doneTasks()).toEqual(['sand-120']);
    expect(code(recordEntry(db, report('wet', 12, { queued: true }), later(301)))).toBe('ok');
    expect(code(recordEntry(db, report('knock-back-220', 140, { queued: true }), later(302)))).toBe('ok');
    expect(doneTasks()).toEqual(['sand-120', 'wet', 'knock-back-220']);
    expect(db.select().from(logEntry).where(sql`batch_id = ${batchId}`).all()).toHaveLength(3);
  });
  it('refuses a wipe before its coat, a time to come, and a time before the last', () => {
    expect(code(say('wipe-1', 5))).toBe('not-next');
    say('sand-120', 10);
    expect(code(say('sand-120', 20, { clientId: 'another' }))).toBe('not-next');
    expect(code(recordEntry(db, report('wet', 60), later(10)))).toBe('in-the-future');
    expect(code(recordEntry(db, report('wet', 5), later(20)))).toBe('before-last');
    expect(code(say('wet', 20, { kind: 'left-out' }))).toBe('not-optional');
    expect(doneTasks()).toEqual(['sand-120']);
  });
  it('draws a coat from its lot, once, and opens the session’s rag line', () => {
    const before = leftOf(db, oilLot());
    untilFlooded();
    say('flood-1', 150);
    expect(before - leftOf(db, oilLot())).toBeGreaterThan(100);
    const line = openRagLines(db).find((one) => one.at.includes('31-007'));
    expect(line).toMatchObject({ hazard: 'self-heating', laidAt: null });
  });
  it('opens the answered line again, and each wipe and coat grows it', () => {
    for (const line of openRagLines(db).filter((one) => one.laidAt === null)) layRags(db, [line], 'flat', by);
    untilFlooded();
    say('wipe-1', 185);
    say('flood-2', 250);
    expect(openRagLines(db).filter((one) => one.laidAt === null)).toMatchObject([
      { hazard: 'self-heating', at: expect.arrayContaining(['31-007']) },
    ]);
  });
  it('keeps a coat that took more than the book holds, and asks only where it is far more', () => {
    say('sand-120', 10);
    say('wet', 12);
    say('knock-back-220', 140);
    const before = leftOf(db, oilLot());
    expect(code(say('flood-1', 150, { grams: 90_000 }))).toBe('much-more');
    expect([leftOf(db, oilLot()), doneTasks().length]).toEqual([before, 3]);
    expect(code(say('flood-1', 150, { grams: 90_000, sure: true }))).toBe('ok');
    expect(leftOf(db, oilLot())).toBeCloseTo(before - 90_000, 6);
    expect(allLots(db).find((lot) => lot.id === oilLot())).toMatchObject({
      leftG: 0,
      overdrawnG: expect.closeTo(90_000 - before, 6),
    });
  });
  it('takes the last thing back with its stock and its cloths, and lets it be done again', () => {
    const before = leftOf(db, oilLot());
    untilFlooded();
    const entry = lastEntryOf(db, batchId, NOW);
    const undo = { clientId: 'undo-1', batchId, device: 'tablet-1', deviceSequence: 9, entry };
    // Only what was meant: another thing that was recorded since stays.
    expect(undoLast(db, { ...undo, clientId: 'undo-0', entry: 'some-other' }, later(150))).toMatchObject({
      ok: false,
      issues: [{ code: 'not-the-last', with: { last: 'Flooded' } }],
    });
    expect(undoLast(db, undo, later(151))).toMatchObject({ ok: true, value: { undone: 'Flooded' } });
    expect(undoLast(db, undo, later(152))).toMatchObject({ ok: true });
    expect(leftOf(db, oilLot())).toBeCloseTo(before, 9);
    expect(doneTasks()).toHaveLength(3);
    expect(openRagLines(db).some((line) => line.at.includes('31-007'))).toBe(false);
    expect(code(say('flood-1', 155, { clientId: 'again' }))).toBe('ok');
  });
  it('corrects by striking through: stock follows, what stood stays', () => {
    const before = leftOf(db, oilLot());
    untilFlooded();
    const change = {
      clientId: 'fix-1',
      batchId,
      device: 'tablet-1',
      deviceSequence: 9,
      corrects: 'client-flood-1',
      at: NOW + 148 * MIN,
      grams: 77,
      seen: 'weighed',
    };
    expect(code(correctEntry(db, change, later(160)))).toBe('ok');
    expect(before - leftOf(db, oilLot())).toBeCloseTo(77, 9);
    const row = loadBatch(db, batchId, NOW)?.book.find(({ entry }) => entry.clientId === 'client-flood-1');
    expect([row?.entry.grams === 77, row?.stands?.grams, row?.stands?.seen]).toEqual([false, 77, 'weighed']);
    expect(code(correctEntry(db, { ...change, clientId: 'fix-2', at: NOW + 5 * MIN }, later(161)))).toBe('before-last');
    expect(doneTasks()).toHaveLength(4);
  });
  it('cannot be changed behind its back', () => {
    say('sand-120', 10);
    for (const statement of [
      sql`update log_entry set at = 0`,
      sql`delete from log_entry`,
      sql`update movement set grams = 1`,
      sql`delete from formula_line`,
    ]) {
      expect(refusal(() => db.run(statement))).toMatch(/append-only/);
    }
  });
});
