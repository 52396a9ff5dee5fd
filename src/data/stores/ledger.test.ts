import { sql } from 'drizzle-orm';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { command } from '../command';
import { setUpShop } from '../shop/commands';
import { demoDb, emptyDb } from '../testing';
import { countLot, move, nextLotNumber, receiveLot } from './commands';
import { allLots, leftOf } from './queries';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const by = { personId: 1, nowMs: NOW };
const bare = () => {
  const db = emptyDb();
  setUpShop(
    db,
    { name: 'S', zone: 'Europe/Lisbon', currency: 'EUR', people: [{ initials: 'MO', name: 'Maren' }], hours: [] },
    NOW,
  );
  return db;
};
const oil = {
  ingredientId: 'mineral-oil',
  grams: 1000,
  supplier: '',
  supplierCode: '',
  openedOn: null,
  bestBefore: null,
  priceMinor: 900,
  note: '',
};

describe('the ledger', () => {
  it('is the sum of what moved, and no run of moves overdraws a lot', () => {
    const db = bare();
    receiveLot(db, oil, by);
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -700, max: 300 }), { minLength: 1, maxLength: 12 }), (moves) => {
        let wanted = leftOf(db, 1);
        for (const grams of moves) {
          const moved = move(db, { lotId: 1, grams, why: grams < 0 ? 'loss' : 'correction' }, by);
          expect(moved.ok).toBe(wanted + grams >= -1e-6);
          if (moved.ok) wanted += grams;
          expect(leftOf(db, 1)).toBeCloseTo(wanted, 6);
        }
      }),
      { seed: 6, numRuns: 30 },
    );
  });
  it('keeps mass in the demo shed: all that came in is there, used, sold or lost', () => {
    const db = demoDb(NOW);
    const sums = db.all<{ why: string; grams: number }>(sql`select why, sum(grams) as grams from movement group by why`);
    const of = (why: string) => sums.find((row) => row.why === why)?.grams ?? 0;
    const left = allLots(db).reduce((sum, lot) => sum + lot.leftG, 0);
    expect(
      of('receive') +
        of('pour') +
        of('coat') +
        of('fill') +
        of('loss') +
        of('correction') +
        of('count') +
        of('sale') +
        of('bath'),
    ).toBeCloseTo(left, 6);
    // What was poured out of ingredient lots came into made ones, and what was filled came into tins.
    const made = allLots(db)
      .filter((lot) => lot.kind === 'made' || lot.kind === 'bottle')
      .reduce((sum, lot) => sum + lot.receivedG, 0);
    const tins = allLots(db)
      .filter((lot) => lot.kind === 'tin')
      .reduce((sum, lot) => sum + lot.receivedG, 0);
    expect([-of('pour'), -of('fill')]).toEqual([expect.closeTo(made, 6), expect.closeTo(tins, 6)]);
  });
  it('numbers lots by year, a new one after the last', () => {
    const db = bare();
    expect(nextLotNumber(db, 'S', NOW)).toBe('S31-01');
    receiveLot(db, oil, by);
    receiveLot(db, oil, by);
    expect([
      nextLotNumber(db, 'S', NOW),
      nextLotNumber(db, 'B', NOW),
      nextLotNumber(db, 'S', Date.parse('2032-01-01T00:30:00Z')),
    ]).toEqual(['S31-03', 'B31-01', 'S32-01']);
  });
  it('counts past what it thought was there, both ways, and refuses what is not there', () => {
    const db = bare();
    receiveLot(db, oil, by);
    countLot(db, 1, 1200, by);
    countLot(db, 1, 300, by);
    expect(leftOf(db, 1)).toBe(300);
    expect(countLot(db, 99, 1, by)).toMatchObject({ ok: false, issues: [{ code: 'not-found' }] });
    expect(receiveLot(db, { ...oil, ingredientId: 'gold' }, by)).toMatchObject({
      ok: false,
      issues: [{ code: 'unknown-ingredient' }],
    });
    expect(leftOf(db, 99)).toBe(0);
  });
  it('keeps all of several commands run as one, or none of them', () => {
    const db = bare();
    receiveLot(db, oil, by);
    const both = (last: number) =>
      command(db, (tx) => {
        const first = countLot(tx, 1, 700, by);
        return first.ok ? countLot(tx, last, 5, by) : first;
      });
    expect(both(99)).toMatchObject({ ok: false, issues: [{ code: 'not-found' }] });
    expect(leftOf(db, 1)).toBe(1000);
    expect(both(1).ok).toBe(true);
    expect(leftOf(db, 1)).toBe(5);
  });
});
