import 'server-only';
import { asc, eq } from 'drizzle-orm';
import type { DayInput, Opening } from '@/core/plan';
import { ok, type Result } from '@/core/quantity';
import { command } from '../command';
import type { Db } from '../db';
import { keep } from '../kept';
import { personAway, personOpening } from '../schema';
import { people, type ShopHours } from '../shop/queries';

export type Hours = { readonly personId: number; readonly hours: readonly Opening[]; readonly away: readonly string[] };

/** Each person's own hours, empty where they keep the shop's, and the days they are away. */
export const handHours = (db: Db): Hours[] => keep(db, 'hands', () => readHands(db));

function readHands(db: Db): Hours[] {
  const openings = db.select().from(personOpening).orderBy(asc(personOpening.day), asc(personOpening.open)).all();
  const away = db.select().from(personAway).orderBy(asc(personAway.date)).all();
  return people(db).map(({ id }) => ({
    personId: id,
    hours: openings.filter((row) => row.personId === id).map(({ day, open, close }) => ({ day, open, close })),
    away: away.filter((row) => row.personId === id).map((row) => row.date),
  }));
}

/** The pairs of hands as the planner takes them. */
export const handsOf = (db: Db, shop: ShopHours): DayInput['hands'] =>
  handHours(db).map(({ personId, hours, away }) => ({
    id: String(personId),
    hours: [...(hours.length > 0 ? hours : shop.shopHours)],
    closed: [...new Set([...shop.closed, ...away])],
  }));

/** Writes one person's hours anew; no hours means the shop's. */
export function setHandHours(db: Db, { personId, hours, away }: Hours): Result<void> {
  return command(db, (tx) => {
    tx.delete(personOpening).where(eq(personOpening.personId, personId)).run();
    tx.delete(personAway).where(eq(personAway.personId, personId)).run();
    if (hours.length > 0)
      tx.insert(personOpening)
        .values(hours.map((row) => ({ personId, ...row })))
        .run();
    if (away.length > 0)
      tx.insert(personAway)
        .values([...new Set(away)].map((date) => ({ personId, date })))
        .run();
    return ok(undefined);
  });
}
