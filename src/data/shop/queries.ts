import 'server-only';
import { and, asc, desc, eq, gte, lt } from 'drizzle-orm';
import type { TimedClimate } from '@/core/cure';
import type { Opening } from '@/core/plan';
import type { Db } from '../db';
import { closedDay, opening, person, place, roomReading, shop } from '../schema';

export type Shop = typeof shop.$inferSelect;
export type Person = typeof person.$inferSelect;
export type Place = typeof place.$inferSelect;

/** The shop, or null before it was set up. */
export const findShop = (db: Db): Shop | null => db.select().from(shop).get() ?? null;

/** The shop of a file that was set up. Throws before. */
export function theShop(db: Db): Shop {
  const found = findShop(db);
  if (!found) throw new Error('the shop is not set up');
  return found;
}

export const people = (db: Db): Person[] => db.select().from(person).where(eq(person.active, true)).orderBy(asc(person.id)).all();

export type ShopHours = { readonly zone: string; readonly shopHours: readonly Opening[]; readonly closed: readonly string[] };

/** The shop's hours as the planner takes them. */
export function shopHours(db: Db): ShopHours {
  const hours = db.select().from(opening).orderBy(asc(opening.day), asc(opening.open)).all();
  return {
    zone: theShop(db).zone,
    shopHours: hours.map(({ day, open, close }) => ({ day, open, close })),
    closed: db
      .select()
      .from(closedDay)
      .orderBy(asc(closedDay.date))
      .all()
      .map((row) => row.date),
  };
}

export const places = (db: Db): Place[] => db.select().from(place).orderBy(asc(place.id)).all();

/** A place's readings from one moment to another with its light, and the one before that still holds. */
export function readingsOf(db: Db, at: Place, fromMs: number, untilMs: number): TimedClimate[] {
  const before = db
    .select()
    .from(roomReading)
    .where(and(eq(roomReading.placeId, at.id), lt(roomReading.at, fromMs)))
    .orderBy(desc(roomReading.at))
    .limit(1)
    .all();
  const within = db
    .select()
    .from(roomReading)
    .where(and(eq(roomReading.placeId, at.id), gte(roomReading.at, fromMs), lt(roomReading.at, untilMs)))
    .orderBy(asc(roomReading.at))
    .all();
  return [...before, ...within].map((row) => ({ atMs: row.at, tempC: row.tempC, rh: row.rhFraction, light: at.light }));
}

/** The newest reading of a place, if any. */
export const lastReading = (db: Db, placeId: number): typeof roomReading.$inferSelect | null =>
  db.select().from(roomReading).where(eq(roomReading.placeId, placeId)).orderBy(desc(roomReading.at)).limit(1).get() ?? null;
