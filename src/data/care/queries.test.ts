import { describe, expect, it } from 'vitest';
import { demoDb } from '@/data/testing';
import { decidedBatchIds, loadBatch, openBatchIds } from '../work/batch';
import { batchesToSell, unsoldPieces } from './queries';

const NOW = Date.parse('2031-03-05T14:20:00Z');

describe('what can be sold', () => {
  it('is every released piece that nobody has, batch by batch', () => {
    const db = demoDb(NOW);
    const slow = decidedBatchIds(db).flatMap((id) => {
      const batch = loadBatch(db, id, NOW);
      const left = batch?.release?.outcome === 'released' ? unsoldPieces(db, batch).length : 0;
      return left > 0 ? [{ batchId: id, left }] : [];
    });
    expect(slow.length).toBeGreaterThan(0);
    expect([...batchesToSell(db)].sort((a, b) => a.batchId - b.batchId)).toEqual(slow.sort((a, b) => a.batchId - b.batchId));
  });
  it('a batch is open or decided, never both', () => {
    const db = demoDb(NOW);
    const open = new Set(openBatchIds(db));
    expect(decidedBatchIds(db).some((id) => open.has(id))).toBe(false);
  });
});
