import { beforeEach, describe, expect, it } from 'vitest';
import type { Db } from '../db';
import { evidenceOf } from '../release/commands';
import { demoDb, lastEntryOf, reportOf } from '../testing';
import { traceOf } from '../trace/queries';
import { findBatchId, loadBatch, openBatchIds, piecesIn, tagOf } from './batch';
import { recordEntry } from './record';
import { joinBatches, movesOf, partWith, piecesNamed, sourceOf, splitBatch } from './split';
import { progressOfBatch, standingOfBatch } from './standing';
import { correctEntry, undoLast } from './strike';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const by = { personId: 1, nowMs: NOW };
let db: Db;
const load = (number: string) => {
  const batch = loadBatch(db, findBatchId(db, number) ?? 0, NOW + 1);
  if (!batch) throw new Error(`no batch ${number}`);
  return batch;
};
const must = <T>(result: { ok: true; value: T } | { ok: false; issues: readonly { code: string }[] }): T => {
  if (!result.ok) throw new Error(result.issues.map((issue) => issue.code).join());
  return result.value;
};
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);
const report = (batchId: number, task: string) => reportOf(batchId, task, NOW + 60_000);
const later = { personId: 1, nowMs: NOW + 60_000 };

beforeEach(() => {
  db = demoDb(NOW);
});

describe('splitting', () => {
  it('shares the book up to then, and each goes on by itself', () => {
    const from = load('31-006');
    const before = progressOfBatch(from).progress.done.map(({ task }) => task.key);
    const { number } = must(splitBatch(db, { batchId: from.id, pieces: '3, 7-8', why: 'dry spots' }, by));
    const [rest, own] = [load('31-006'), load(number)];
    expect([piecesIn(rest).length, piecesIn(own).length]).toEqual([5, 3]);
    expect(progressOfBatch(own).progress.done.map(({ task }) => task.key)).toEqual(before);
    expect(own.materials.oil?.id).toBe(rest.materials.oil?.id);
    const next = progressOfBatch(own).progress.next?.task.key ?? '';
    expect(code(recordEntry(db, report(own.id, next), later))).toBe('ok');
    expect(progressOfBatch(load(number)).progress.done).toHaveLength(before.length + 1);
    expect(progressOfBatch(load('31-006')).progress.done).toHaveLength(before.length);
    expect(sourceOf(db, load(number))).toContain('31-006');
  });
  it('leaves every piece its chalk mark, its code and where it came from', () => {
    const from = load('31-006');
    const codes = piecesIn(from).map((one) => one.code);
    const { number } = must(splitBatch(db, { batchId: from.id, pieces: '8', why: 'sold early' }, by));
    const [piece] = piecesIn(load(number));
    expect(piece && tagOf(load(number), piece)).toBe('31-006/8');
    expect(codes).toContain(piece?.code);
    expect(movesOf(db, load(number)).get(piece?.id ?? 0)).toBe('from 31-006: sold early');
    const twice = must(splitBatch(db, { batchId: load('31-006').id, pieces: '31-006/1', why: '' }, by));
    expect(piecesIn(load(twice.number)).map((one) => tagOf(load(twice.number), one))).toEqual(['31-006/1']);
  });
  it('keeps what was recorded before with the batch it was recorded in', () => {
    const { number } = must(splitBatch(db, { batchId: load('31-006').id, pieces: '8', why: '' }, by));
    const own = load(number);
    const last = own.book.at(-1)?.entry.clientId ?? '';
    const back = {
      clientId: 'undo-here',
      batchId: own.id,
      device: 'tablet-1',
      deviceSequence: 2,
      entry: lastEntryOf(db, own.id, NOW),
    };
    expect(code(undoLast(db, back, later))).toBe('recorded-elsewhere');
    expect(code(correctEntry(db, { ...back, corrects: last, at: NOW - 60_000, grams: 3, seen: '' }, later))).toBe(
      'recorded-elsewhere',
    );
  });
  it('shares rounds that were coated, and mends sizes of those to come', () => {
    const big = load('31-004');
    const sizes = (number: string) =>
      progressOfBatch(load(number))
        .tasks.filter((task) => task.step.id === 'flood')
        .map((task) => task.pieces);
    const before = sizes('31-004');
    must(splitBatch(db, { batchId: big.id, pieces: '1-10', why: '' }, by));
    expect(sizes('31-004').length).toBeGreaterThanOrEqual(before.filter((size) => size > 0).length > 1 ? 1 : 1);
    expect(progressOfBatch(load('31-004')).progress.waiting).toEqual([]);
  });
  it('is followed by the trace, and by cloths that are not dealt with', () => {
    const from = load('31-010');
    const { number } = must(splitBatch(db, { batchId: from.id, pieces: '1', why: '' }, by));
    const own = load(number);
    expect(evidenceOf(db, own, standingOfBatch(db, own, NOW)).ragsOpen).toBeGreaterThan(0);
    const trace = traceOf(db, own.materials.oil?.id ?? 0);
    expect(trace?.pieces.some((piece) => piece.code === piecesIn(own)[0]?.code)).toBe(true);
  });
  it('refuses all of it, pieces that are not there, and a batch that is decided', () => {
    const from = load('31-006');
    expect(code(splitBatch(db, { batchId: from.id, pieces: '1-8', why: '' }, by))).toBe('not-enough-pieces');
    expect(code(splitBatch(db, { batchId: from.id, pieces: '9', why: '' }, by))).toBe('no-such-piece');
    expect(code(splitBatch(db, { batchId: from.id, pieces: ' ', why: '' }, by))).toBe('required');
    expect(code(splitBatch(db, { batchId: load('31-001').id, pieces: '1', why: '' }, by))).toBe('already-decided');
    expect(code(piecesNamed(from, '1, x'))).toBe('no-such-piece');
  });
});

describe('joining', () => {
  it('makes one of two that wait for the same step, and each piece keeps its history', () => {
    const { number } = must(splitBatch(db, { batchId: load('31-006').id, pieces: '7-8', why: '' }, by));
    must(joinBatches(db, { batchId: load(number).id, into: '31-006' }, by));
    expect(piecesIn(load('31-006'))).toHaveLength(8);
    expect(openBatchIds(db)).not.toContain(findBatchId(db, number));
    expect(sourceOf(db, load(number))).toContain('31-006');
    const back = piecesIn(load('31-006')).find((one) => tagOf(load('31-006'), one) === '31-006/8');
    expect(movesOf(db, load('31-006')).get(back?.id ?? 0)).toContain(`from ${number}`);
  });
  it('refuses what is not alike, not in step, or itself', () => {
    const six = load('31-006');
    expect(code(joinBatches(db, { batchId: six.id, into: '31-004' }, by))).toBe('not-alike');
    expect(code(joinBatches(db, { batchId: six.id, into: '31-007' }, by))).toBe('not-in-step');
    expect(code(joinBatches(db, { batchId: six.id, into: '31-006' }, by))).toBe('same-lot');
    expect(code(joinBatches(db, { batchId: six.id, into: '31-999' }, by))).toBe('not-found');
  });
});

describe('leaving', () => {
  it('keeps the piece in the file with why, and plans without it', () => {
    const six = load('31-006');
    expect(code(partWith(db, { batchId: six.id, pieces: '2', why: ' ' }, by))).toBe('reason-needed');
    must(partWith(db, { batchId: six.id, pieces: '2', why: 'split along the pith' }, by));
    expect(piecesIn(load('31-006'))).toHaveLength(7);
    expect(load('31-006').pieces.find((one) => one.ordinal === 2)?.leftWhy).toBe('split along the pith');
    must(partWith(db, { batchId: six.id, pieces: '1, 3-8', why: 'given away' }, by));
    expect(openBatchIds(db)).not.toContain(six.id);
  });
});
