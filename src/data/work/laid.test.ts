import { expect, it } from 'vitest';
import { demoDb } from '../testing';
import { findBatchId, loadBatch } from './batch';
import { laidOn } from './laid';

const NOW = Date.parse('2031-03-05T14:20:00Z');

it('says what each coat took by its surface, and which is far above what such a coat takes', () => {
  const db = demoDb(NOW);
  const batch = loadBatch(db, findBatchId(db, '31-006') ?? 0, NOW);
  if (!batch) throw new Error('no batch');
  const laid = laidOn(batch);
  expect(laid.perM2).toHaveLength(2);
  // 215 g on eight boards of a quarter of a square metre.
  expect(laid.perM2[0]).toBeCloseTo(215 / (8 * (batch.design.area.areaMm2 / 1e6)), 0);
  expect(laid.isThick).toBe(false);
  const thick = {
    ...batch,
    book: batch.book.map((one) => (one.stands?.grams ? { ...one, stands: { ...one.stands, grams: one.stands.grams * 2 } } : one)),
  };
  expect(laidOn(thick)).toMatchObject({ isThick: true });
});
