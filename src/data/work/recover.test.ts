import { beforeEach, describe, expect, it } from 'vitest';
import { waysBackFor } from '@/core/batch';
import type { Db } from '../db';
import { demoDb, lastEntryOf, reportOf } from '../testing';
import { findBatchId, loadBatch } from './batch';
import { type Report, recordEntry } from './record';
import { leaveWay, takeWay } from './recover';
import { progressOfBatch } from './standing';
import { strikeWaiting, undoLast } from './strike';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const MIN = 60_000;
let db: Db;
let batchId = 0;
const at = (minutes: number) => ({ personId: 1, nowMs: NOW + minutes * MIN });
const keys = () => {
  const batch = loadBatch(db, batchId, NOW);
  return batch ? progressOfBatch(batch).progress.rest.map((task) => task.key) : [];
};
const next = () => {
  const batch = loadBatch(db, batchId, NOW);
  return batch ? progressOfBatch(batch).progress.next : null;
};
const say = (task: string, minutes: number, more: Partial<Report> = {}) =>
  recordEntry(db, reportOf(batchId, task, NOW + minutes * MIN, more), at(minutes));

beforeEach(() => {
  db = demoDb(NOW);
  batchId = findBatchId(db, '31-010') ?? 0;
});

describe('ways back', () => {
  it('stand before the step that was next, which then follows in its own window', () => {
    expect(keys()[0]).toBe('wipe-2');
    expect(takeWay(db, { clientId: 'way-one', batchId, way: 'rewet' }, at(0)).ok).toBe(true);
    expect(keys().slice(0, 2)).toEqual(['rewet~1:rewet', 'wipe-2']);
    expect(say('rewet~1:rewet', 5).ok).toBe(true);
    expect(next()?.task.key).toBe('wipe-2');
    const { earliestMs, idealMs, latestMs } = next()?.window ?? {};
    // Five, ten and fifteen minutes at 20 °C, within a minute or so of them in this shop.
    for (const [found, minutes] of [
      [earliestMs, 10],
      [idealMs, 15],
      [latestMs, 20],
    ] as const)
      expect(Math.abs((found ?? 0) - (NOW + minutes * MIN))).toBeLessThanOrEqual(2 * MIN);
  });
  it('are taken up once, let go while nothing of them was done, and kept after', () => {
    takeWay(db, { clientId: 'way-one', batchId, way: 'rewet' }, at(0));
    takeWay(db, { clientId: 'way-one', batchId, way: 'rewet' }, at(0));
    expect(keys().filter((key) => key.startsWith('rewet'))).toHaveLength(1);
    expect(leaveWay(db, { batchId, id: 1 }, at(1)).ok).toBe(true);
    expect(keys()[0]).toBe('wipe-2');
    takeWay(db, { clientId: 'way-two', batchId, way: 'rewet' }, at(2));
    say('rewet~2:rewet', 5);
    expect(leaveWay(db, { batchId, id: 2 }, at(6))).toMatchObject({ ok: false, issues: [{ code: 'way-begun' }] });
    expect(
      undoLast(
        db,
        { clientId: 'undo-rewet', batchId, device: 'tablet-1', deviceSequence: 3, entry: lastEntryOf(db, batchId, NOW) },
        at(7),
      ).ok,
    ).toBe(true);
    expect(leaveWay(db, { batchId, id: 2 }, at(8)).ok).toBe(true);
  });
  it('draw the oil they take, of the lot the coat came from', () => {
    const lot = () => loadBatch(db, batchId, NOW)?.materials.oil?.leftG ?? 0;
    const before = lot();
    takeWay(db, { clientId: 'way-one', batchId, way: 'rewet' }, at(0));
    say('rewet~1:rewet', 5, { grams: 12 });
    expect(before - lot()).toBeCloseTo(12, 9);
  });
  it('are withdrawn when a record that comes late says it was done in time', () => {
    takeWay(db, { clientId: 'way-one', batchId, way: 'rewet' }, at(10));
    expect(say('wipe-2', -30, { queued: true }).ok).toBe(true);
    expect(keys().some((key) => key.startsWith('rewet'))).toBe(false);
    expect(next()?.task.key).toBe('coat-3');
  });
  it('want the pad once a day has passed', () => {
    expect(waysBackFor('gummed', 60)[0]).toBe('rewet');
    expect(waysBackFor('gummed', 25 * 60)[0]).toBe('pad-off');
    expect(waysBackFor('split', 0)).toEqual([]);
  });
  it('that are wiped daily come again until the paper is clean', () => {
    say('wipe-2', 0);
    takeWay(db, { clientId: 'way-weep', batchId, way: 'wipe-daily' }, at(1));
    expect(say('wipe-daily~1:weep', 5, { pass: false }).ok).toBe(true);
    expect(next()?.task.key).toBe('wipe-daily~1:weep+2');
    expect(say('wipe-daily~1:weep+2', 6, { pass: true }).ok).toBe(true);
    expect(next()?.task.key).toBe('coat-3');
  });
});

describe('the same thing from two devices', () => {
  it('is kept aside, shown, and struck with what it drew', () => {
    const lot = () => loadBatch(db, batchId, NOW)?.materials.oil?.leftG ?? 0;
    say('wipe-2', 0);
    say('coat-3', 1, { grams: 10 });
    const before = lot();
    expect(say('coat-3', 3, { queued: true, grams: 11, clientId: 'twice-coat' }).ok).toBe(true);
    const waiting = () => {
      const batch = loadBatch(db, batchId, NOW);
      return batch ? progressOfBatch(batch).progress.waiting.map((fact) => fact.id) : [];
    };
    expect(waiting()).toEqual(['twice-coat']);
    expect(before - lot()).toBeCloseTo(11, 9);
    const back = { clientId: 'strike-it', batchId, device: 'tablet-1', deviceSequence: 9, entry: 'twice-coat' };
    expect(strikeWaiting(db, back, at(4)).ok).toBe(true);
    expect(waiting()).toEqual([]);
    expect(lot()).toBeCloseTo(before, 9);
    expect(strikeWaiting(db, { ...back, clientId: 'strike-two', entry: 'nothing-there' }, at(5)).ok).toBe(false);
  });
});
