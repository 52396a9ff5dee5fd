import { sql } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { MS_PER_DAY } from '@/core/quantity';
import { demoDb } from '@/data/testing';
import { batchesToSell } from './care/queries';
import type { Db } from './db';
import { batchOpen, lot, lotLeft, movement, pieceUnsold } from './schema';
import { allLots, lotOf, lotsNow } from './stores/queries';
import { openBatchIds } from './work/batch';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const db = demoDb(NOW);

const ids = (query: ReturnType<typeof sql>): number[] => db.all<{ id: number }>(query).map((row) => row.id);

/** What the triggers keep of a file, beside what its rows add up to. */
const checked = (of: Db) => {
  const off = of.all(sql`
    select l.lot_id, l.grams, coalesce(sum(m.grams), 0) as added from ${lotLeft} l left join ${movement} m on m.lot_id = l.lot_id
    group by l.lot_id having abs(l.grams - added) > 0.000001 or l.last_at < max(m.at)`);
  expect(off).toEqual([]);
  expect(ids(sql`select id from ${lot} where id not in (select lot_id from ${lotLeft})`)).toEqual([]);
  expect(ids(sql`select batch_id as id from ${batchOpen} order by 1`)).toEqual(
    ids(sql`select id from batch where not exists
      (select 1 from release where batch_id = batch.id and (next is null or next <> 'mend')) order by 1`),
  );
  expect(ids(sql`select piece_id as id from ${pieceUnsold} order by 1`)).toEqual(
    ids(sql`select id from piece where not exists (select 1 from sale where piece_id = piece.id) order by 1`),
  );
};

describe('what is at hand', () => {
  it('is kept beside the rows as they add up, through a whole demo year', () => checked(db));

  it('is one lot the same, whether it is read alone or with all others', () => {
    const all = allLots(db);
    expect(all.length).toBeGreaterThan(20);
    for (const one of all) expect(lotOf(db, one.id)).toEqual(one);
    expect(lotOf(db, 9999)).toBeNull();
  });

  it('is read alike inside a command, where nothing is kept', () => {
    const all = allLots(db);
    db.transaction((tx) => {
      for (const one of all.slice(0, 5)) expect(lotOf(tx, one.id)).toEqual(one);
    });
  });

  it('holds every lot with something in it, and what was used up lately, but not what was used up long ago', () => {
    const long = db
      .insert(lot)
      .values({
        number: 'old-1',
        kind: 'bought',
        ingredientId: 'beeswax-yellow',
        receivedG: 10,
        personId: 1,
        at: NOW - 400 * MS_PER_DAY,
      })
      .returning({ id: lot.id })
      .get().id;
    const move = (grams: number, at: number) =>
      db
        .insert(movement)
        .values({ lotId: long, grams, why: grams > 0 ? 'receive' : 'loss', personId: 1, at })
        .run();
    move(10, NOW - 400 * MS_PER_DAY);
    const isThere = (): boolean => lotsNow(db).some((one) => one.id === long);
    expect(isThere()).toBe(true);
    move(-10, NOW - 399 * MS_PER_DAY);
    expect(isThere()).toBe(false);
    expect(lotOf(db, long)).toMatchObject({ number: 'old-1', leftG: 0 });
    // Drawn over: it must be counted, so it is shown again.
    move(-1, NOW - 398 * MS_PER_DAY);
    expect(lotsNow(db).find((one) => one.id === long)?.overdrawnG).toBe(1);
    checked(db);
  });

  it('lists open batches and pieces to sell without those that are over', () => {
    expect(openBatchIds(db).length).toBeGreaterThan(5);
    expect(batchesToSell(db).every(({ left }) => left > 0)).toBe(true);
  });
});
