import { describe, expect, it } from 'vitest';
import { demoDb } from '@/data/testing';
import { decidedBatchIds, loadBatch, openBatchIds } from '../work/batch';
import { batchesToSell, findPieces, soldPieces, unsoldPieces } from './queries';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const TODAY = '2031-03-05';

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

describe('a sold piece', () => {
  const rows = soldPieces(demoDb(NOW), TODAY);
  const [one] = rows.filter((row) => row.number === '31-001');
  it('is found by what is chalked on it, by its code however it is typed, and by its batch', () => {
    expect(findPieces(rows, ` ${one?.code.toLowerCase()} `)).toEqual([one]);
    expect(findPieces(rows, `31-001/${one?.ordinal}`)).toEqual([one]);
    expect(findPieces(rows, '31-001').length).toBe(rows.filter((row) => row.number === '31-001').length);
  });
  it('is found by a part of its owner’s name, with or without accents', () => {
    const some = [
      { ...rows[0], buyer: 'Zoë Fennimore' },
      { ...rows[1], buyer: null },
    ] as typeof rows;
    expect(findPieces(some, 'zoe')).toEqual([some[0]]);
    expect(findPieces(some, 'NIMORE')).toEqual([some[0]]);
    expect(findPieces(some, 'z')).toEqual([]);
  });
  it('is not found by nothing, nor by a part of a number', () => {
    expect(findPieces(rows, '  ')).toEqual([]);
    expect(findPieces(rows, '31-0')).toEqual([]);
  });
});
