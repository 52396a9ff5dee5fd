import { beforeEach, describe, expect, it } from 'vitest';
import type { Went } from '@/core/blend';
import { SHIPPED } from '@/core/material';
import type { Db } from '../db';
import { setUpShop } from '../shop/commands';
import { emptyDb } from '../testing';
import { traceOf } from '../trace/queries';
import { decant, mlAtLevel, readLevel } from './bottles';
import { combineLots } from './combine';
import { receiveLot } from './commands';
import { foundLeft, mayDryOut } from './into-air';
import { allLots } from './queries';

const by = { personId: 1, nowMs: Date.parse('2031-03-03T10:00:00Z') };
let db: Db;
let bottleId: number;
const must = <T>(result: { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: unknown }): T => {
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);
const lot = (id: number) => {
  const found = allLots(db).find((one) => one.id === id);
  if (!found) throw new Error('no lot');
  return found;
};
const received = (ingredientId: string): number =>
  must(
    receiveLot(
      db,
      { ingredientId, grams: 1000, supplier: '', supplierCode: '', openedOn: null, bestBefore: null, priceMinor: null, note: '' },
      by,
    ),
  ).id;

describe('a bottle that holds less than its book says', () => {
  beforeEach(() => {
    db = emptyDb();
    must(
      setUpShop(
        db,
        { name: 'Slack Water', zone: 'Europe/Lisbon', currency: 'EUR', people: [{ name: 'Wren', initials: 'WR' }], hours: [] },
        by.nowMs,
      ),
    );
    const [oil, solvent] = [received('tung-oil'), received('citrus-solvent')];
    const half = must(
      combineLots(
        db,
        {
          parts: [
            { lotId: oil, grams: 200 },
            { lotId: solvent, grams: 200 },
          ],
          into: { kind: 'bottle', name: 'Half and half' },
        },
        by,
      ),
    );
    // From a mix, so that the solvent in it lies two lots back.
    bottleId = must(decant(db, { fromLotId: half.id, grams: 300, name: 'Bench', tareG: null, boreMm: 60, mark: '' }, by)).id;
  });
  const weighed = (grams: number, went: Went) => foundLeft(db, bottleId, { grams }, went, by);
  it('is asked about before anything is booked, and a gram is no question', () => {
    expect(mayDryOut(lot(bottleId), SHIPPED)).toBe(true);
    expect(code(weighed(250, ''))).toBe('used-or-air');
    expect(lot(bottleId).leftG).toBeCloseTo(300, 9);
    expect(code(weighed(298, ''))).toBe('ok');
  });
  it('that was used holds what it held', () => {
    must(weighed(250, 'used'));
    expect(lot(bottleId)).toMatchObject({ leftG: expect.closeTo(250, 9) });
    expect(lot(bottleId).composition['tung-oil']).toBeCloseTo(0.5, 9);
  });
  it('whose solvent went into the air is a stronger mix, and forgets no lot', () => {
    const before = traceOf(db, bottleId)?.lots.length;
    must(weighed(250, 'air'));
    expect(lot(bottleId).composition).toEqual({
      'tung-oil': expect.closeTo(150 / 250, 6),
      'citrus-solvent': expect.closeTo(100 / 250, 6),
    });
    expect(traceOf(db, bottleId)?.lots.length).toBe(before);
    expect(code(weighed(100, 'air'))).toBe('lost-more-than-solvent');
  });
  it('read by its level lost the volume that is missing, as solvent weighs', () => {
    const one = lot(bottleId);
    const ml = one.leftG / (one.nature?.densityGPerMl ?? 1);
    const level = (of: number) => (of * ml) / mlAtLevel(60, 1);
    const read = must(readLevel(db, { lotId: bottleId, levelMm: level(0.8), went: 'air' }, by));
    expect(read.grams).toBeCloseTo(300 - 0.2 * ml * 0.842, 6);
    expect(lot(bottleId).composition['tung-oil']).toBeCloseTo(150 / read.grams, 6);
  });
});
