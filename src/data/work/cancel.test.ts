import { beforeEach, describe, expect, it } from 'vitest';
import type { Result } from '@/core/quantity';
import { allDesigns, allRegimens } from '../catalogue/catalogue';
import type { Db } from '../db';
import { decideRelease } from '../release/commands';
import { allLots } from '../stores/queries';
import { demoDb } from '../testing';
import { findBatchId, loadBatch, openBatchIds } from './batch';
import { cancelBatch, cancelledBatchIds, drawnFor, resumeBatch } from './cancel';
import { startBatch } from './commands';
import { partWith } from './split';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const by = { personId: 1, nowMs: NOW };
let db: Db;
beforeEach(() => {
  db = demoDb(NOW);
});
const code = (result: Result<unknown>) => (result.ok ? 'ok' : result.issues[0]?.code);
const named = (number: string): number => findBatchId(db, number) ?? 0;

function begun(): number {
  const made = startBatch(
    db,
    {
      designRevisionId: allDesigns(db)[0]?.revisionId ?? 0,
      speciesId: 'birch',
      origin: 'bought',
      pieces: 2,
      regimenRevisionId: allRegimens(db).find((one) => one.id === 'bare')?.revisionId ?? 0,
      materials: {},
      startAt: NOW,
      dueAt: null,
    },
    by,
  );
  if (!made.ok) throw new Error(JSON.stringify(made.issues));
  return made.value.id;
}

describe('a batch begun by mistake', () => {
  it('is gone from every list without a reason, and goes on when that is undone', () => {
    const id = begun();
    expect(openBatchIds(db)).toContain(id);
    expect(code(cancelBatch(db, { batchId: id, why: '' }, by))).toBe('ok');
    expect(openBatchIds(db)).not.toContain(id);
    expect(cancelledBatchIds(db)).not.toContain(id);
    // Its number is not given to the next one: it may stand on the wood.
    expect(loadBatch(db, begun(), NOW)?.number).not.toBe(loadBatch(db, id, NOW)?.number);
    expect(code(resumeBatch(db, id, by))).toBe('ok');
    expect(openBatchIds(db)).toContain(id);
    expect(loadBatch(db, id, NOW)).toMatchObject({ cancelledAt: null, cancelledBy: null, cancelledWhy: '' });
  });
  it('that drew from a lot is closed with its reason, and what was drawn stays drawn', () => {
    const id = openBatchIds(db).find((one) => drawnFor(db, one).length > 0 && !loadBatch(db, one, NOW)?.trial) ?? 0;
    const drawn = drawnFor(db, id);
    const left = allLots(db).map((lot) => lot.leftG);
    expect(drawn.every(({ grams }) => grams > 0)).toBe(true);
    expect(code(cancelBatch(db, { batchId: id, why: ' ' }, by))).toBe('reason-needed');
    expect(code(cancelBatch(db, { batchId: id, why: 'the wood split' }, by))).toBe('ok');
    expect(allLots(db).map((lot) => lot.leftG)).toEqual(left);
    expect(drawnFor(db, id)).toEqual(drawn);
    expect(cancelledBatchIds(db)).toContain(id);
    expect(loadBatch(db, id, NOW)).toMatchObject({ cancelledAt: NOW, cancelledBy: 1, cancelledWhy: 'the wood split' });
  });
  it('cannot be released, and a decided batch or a treatment of a trial cannot be cancelled', () => {
    const id = begun();
    cancelBatch(db, { batchId: id, why: '' }, by);
    const release = { batchId: id, outcome: 'refused' as const, reason: 'no', signed: [] };
    expect(code(decideRelease(db, release, by))).toBe('batch-cancelled');
    expect(code(cancelBatch(db, { batchId: named('31-001'), why: 'x' }, by))).toBe('already-decided');
    const treatment = openBatchIds(db).find((one) => loadBatch(db, one, NOW)?.trial) ?? 0;
    expect(code(cancelBatch(db, { batchId: treatment, why: 'x' }, by))).toBe('in-a-trial');
    expect(code(cancelBatch(db, { batchId: 9999, why: 'x' }, by))).toBe('not-found');
  });
  it('cannot be decided once no piece is left in it', () => {
    const id = begun();
    expect(code(partWith(db, { batchId: id, pieces: '1-2', why: 'split' }, by))).toBe('ok');
    expect(code(decideRelease(db, { batchId: id, outcome: 'refused', reason: 'no', signed: [] }, by))).toBe('no-pieces');
  });
});
