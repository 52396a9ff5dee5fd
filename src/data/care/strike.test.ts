import { beforeEach, describe, expect, it } from 'vitest';
import type { Db } from '@/data/db';
import { carePlan, owner, saleStruck } from '@/data/schema';
import { demoDb } from '@/data/testing';
import { allLots } from '../stores/queries';
import { traceOf } from '../trace/queries';
import { loadBatch } from '../work/batch';
import { bottlesFor } from './bottles';
import { sellPieces } from './commands';
import { reportCare } from './owners';
import { batchesToSell, findSold, soldPieces, unsoldPieces } from './queries';
import { strikeSale } from './strike';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const BY = { personId: 1, nowMs: NOW };
let db: Db;
let batchId: number;
const batch = () => loadBatch(db, batchId, NOW);
const unsold = (): number => unsoldPieces(db, batch() as NonNullable<ReturnType<typeof batch>>).length;
const sell = (pieces: number, bottleLotId: number | null = null): readonly string[] => {
  const sold = sellPieces(
    db,
    {
      batchId,
      pieces,
      priceMinor: 4500,
      buyer: 'Marta Quill',
      email: 'marta@quill.example',
      soldOn: '2031-03-05',
      use: 'weekly',
      wash: 'hand',
      upkeep: 're-oils',
      bottleLotId,
    },
    BY,
  );
  if (!sold.ok) throw new Error(sold.issues[0]?.code);
  return sold.value.codes;
};
const names = (): string[] =>
  db
    .select()
    .from(owner)
    .all()
    .map((one) => one.name);

beforeEach(() => {
  db = demoDb(NOW);
  batchId = batchesToSell(db).find((one) => one.left > 1)?.batchId ?? 0;
});

describe('a sale that is taken back', () => {
  it('leaves the piece for sale as before, with no plan, no dates and no stranger kept; that it happened stays written', () => {
    const [before, plans] = [unsold(), db.select().from(carePlan).all().length];
    const codes = sell(2);
    expect([unsold(), names().includes('Marta Quill')]).toEqual([before - 2, true]);
    expect(strikeSale(db, codes, BY).ok).toBe(true);
    expect([unsold(), db.select().from(carePlan).all().length, names().includes('Marta Quill')]).toEqual([before, plans, false]);
    expect(codes.every((code) => findSold(db, code, NOW) === null)).toBe(true);
    expect(db.select().from(saleStruck).all()).toMatchObject([
      { soldOn: '2031-03-05', priceMinor: 4500, personId: 1 },
      { soldOn: '2031-03-05', priceMinor: 4500, personId: 1 },
    ]);
    expect(sell(2)).toEqual(codes);
  });
  it('puts the tin that went with it back on the shelf, to the gram', () => {
    const of = batch();
    const bottle = of ? bottlesFor(db, of)[0] : undefined;
    expect(bottle).toBeDefined();
    const lot = () => allLots(db).find((one) => one.id === bottle?.lotId);
    const [leftG, tins] = [lot()?.leftG, lot()?.countLeft];
    const given = traceOf(db, bottle?.lotId ?? 0)?.tins.length;
    const codes = sell(1, bottle?.lotId ?? null);
    expect(lot()?.countLeft).toBe((tins ?? 0) - 1);
    strikeSale(db, codes, BY);
    expect(lot()?.countLeft).toBe(tins);
    expect(lot()?.leftG).toBeCloseTo(leftG ?? 0, 6);
    expect(traceOf(db, bottle?.lotId ?? 0)?.tins.length).toBe(given);
  });
  it('stands once its owner has said something, and then none of those asked for is struck', () => {
    const [one, two] = sell(2) as [string, string];
    reportCare(db, { code: two, kind: 'wrong', note: 'sticky' }, NOW);
    expect(strikeSale(db, [one, two], BY)).toMatchObject({ ok: false, issues: [{ code: 'sale-stands' }] });
    expect([one, two].every((code) => findSold(db, code, NOW) !== null)).toBe(true);
    expect(strikeSale(db, [one], BY).ok).toBe(true);
    expect(strikeSale(db, [one], BY)).toMatchObject({ issues: [{ code: 'not-found' }] });
  });
  it('of a piece that was sold before, the other owners stay', () => {
    const known = soldPieces(db, '2031-03-05').filter((row) => row.buyer !== null).length;
    strikeSale(db, sell(1), BY);
    expect(soldPieces(db, '2031-03-05').filter((row) => row.buyer !== null)).toHaveLength(known);
  });
});
