import { beforeEach, describe, expect, it } from 'vitest';
import { type PieceUse, SHIPPED } from '@/core/material';
import type { Result } from '@/core/quantity';
import type { Db } from '../db';
import { gatesOfBatch } from '../release/uses';
import { demoDb } from '../testing';
import { findBatchId, loadBatch } from './batch';
import { notesOf } from './notes';
import { changeBatchUses } from './uses';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const by = { personId: 1, nowMs: NOW };
let db: Db;
let id: number;
beforeEach(() => {
  db = demoDb(NOW);
  id = findBatchId(db, '31-006') ?? 0;
});
const batch = () => {
  const found = loadBatch(db, id, NOW);
  if (!found) throw new Error('no batch');
  return found;
};
const code = (result: Result<unknown>) => (result.ok ? 'ok' : result.issues[0]?.code);
const change = (uses: readonly PieceUse[], more: Partial<Parameters<typeof changeBatchUses>[1]> = {}) =>
  changeBatchUses(
    db,
    {
      batchId: id,
      version: batch().version,
      clientId: `use-change-${uses.join('-')}`,
      pieceIds: [],
      uses,
      why: 'the customer wants it for the wall',
      says: 'Now for display; it was for wet food',
      ...more,
    },
    by,
  );

describe('what a running batch is for', () => {
  it('may change with a reason: its gates are judged by it, and what it was for stays on its record', () => {
    const before = gatesOfBatch(batch(), SHIPPED).gates.map((gate) => gate.id);
    expect(before).toContain('contact');
    expect(code(change(['display']))).toBe('ok');
    expect(batch().design.uses).toEqual(['display']);
    expect(gatesOfBatch(batch(), SHIPPED).gates.map((gate) => gate.id)).not.toContain('contact');
    expect(notesOf(db, id)[0]?.text).toBe('Now for display; it was for wet food: the customer wants it for the wall');
  });
  it('changes for some of its pieces alone, and the batch is for both', () => {
    const one = batch().pieces[0]?.id ?? 0;
    const was = batch().design.uses;
    expect(code(change(['display'], { pieceIds: [one] }))).toBe('ok');
    expect([...batch().design.uses].sort()).toEqual([...new Set([...was, 'display' as const])].sort());
  });
  it('changes for no reason, for nothing, over another’s change, or after it was decided, never', () => {
    expect(code(change(['display'], { why: ' ' }))).toBe('reason-needed');
    expect(code(change([]))).toBe('required');
    expect(code(change(['display'], { version: batch().version + 1 }))).toBe('stale');
    expect(code(change(['display'], { pieceIds: [99_999] }))).toBe('no-pieces');
    expect(code(change(['display'], { batchId: 99_999 }))).toBe('not-found');
    const sold = findBatchId(db, '31-001') ?? 0;
    id = sold;
    expect(batch().release).not.toBeNull();
    expect(code(change(['display']))).toBe('already-decided');
    expect(batch().design.uses).not.toEqual(['display']);
  });
});
