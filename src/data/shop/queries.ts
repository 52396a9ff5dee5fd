import 'server-only';
import { and, asc, between, desc, eq, lt, sql } from 'drizzle-orm';
import type { SeasonCell, TimedClimate } from '@/core/cure';
import type { Opening } from '@/core/plan';
import { MS_PER_HOUR, type Reads } from '@/core/quantity';
import type { Db } from '../db';
import { keep } from '../kept';
import { closedDay, opening, person, place, roomHour, roomReading, roomSeason, shop } from '../schema';
import { statement } from '../statement';

export type Shop = typeof shop.$inferSelect;
export type Person = typeof person.$inferSelect;
export type Place = typeof place.$inferSelect;

/** The shop, or null before it was set up. */
export const findShop = (db: Db): Shop | null => keep(db, 'shop', () => db.select().from(shop).get() ?? null);

/** The units the shop reads. */
export const readsOf = (db: Db): Reads => theShop(db).reads;

/** The shop of a file that was set up. Throws before. */
export function theShop(db: Db): Shop {
  const found = findShop(db);
  if (!found) throw new Error('the shop is not set up');
  return found;
}

export const people = (db: Db): Person[] =>
  keep(db, 'people', () => db.select().from(person).where(eq(person.active, true)).orderBy(asc(person.id)).all());

export type ShopHours = { readonly zone: string; readonly shopHours: readonly Opening[]; readonly closed: readonly string[] };

/** The shop's hours as the planner takes them. */
export const shopHours = (db: Db): ShopHours => keep(db, 'hours of the shop', () => readHours(db));

function readHours(db: Db): ShopHours {
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

export const places = (db: Db): Place[] => keep(db, 'places', () => db.select().from(place).orderBy(asc(place.id)).all());

const asked = { id: sql.placeholder('id'), from: sql.placeholder('from'), until: sql.placeholder('until') };
const hourBefore = statement((db) =>
  db
    .select()
    .from(roomHour)
    .where(and(eq(roomHour.placeId, asked.id), lt(roomHour.hour, asked.from)))
    .orderBy(desc(roomHour.hour))
    .limit(1)
    .prepare(),
);
const hoursWithin = statement((db) =>
  db
    .select()
    .from(roomHour)
    .where(and(eq(roomHour.placeId, asked.id), between(roomHour.hour, asked.from, asked.until)))
    .orderBy(asc(roomHour.hour))
    .prepare(),
);

/** A place's hours from one to another, and the last one before that had any. */
const hoursOf = (db: Db, id: number, from: number, until: number): (typeof roomHour.$inferSelect)[] =>
  keep(db, `hours ${id} ${from} ${until}`, () => [
    ...hourBefore(db).all({ id, from }),
    ...hoursWithin(db).all({ id, from, until }),
  ]);

/** A place's readings from one moment to another by the hour, with its light, and the one before that still holds. An hour with several is their mean. */
export function readingsOf(db: Db, at: Place, fromMs: number, untilMs: number): TimedClimate[] {
  const hours = hoursOf(db, at.id, Math.floor(fromMs / MS_PER_HOUR), Math.floor(untilMs / MS_PER_HOUR)).filter(
    (row) => row.firstAt < untilMs,
  );
  const first = Math.max(
    0,
    hours.findLastIndex((row) => row.firstAt < fromMs),
  );
  return hours.slice(first).map((row) => ({
    atMs: row.firstAt,
    tempC: row.sumTempC / row.n,
    rh: row.sumRhFraction / row.n,
    light: at.light,
  }));
}

/** What a place is usually like: by month of the year and hour of the day. */
export const seasonOf = (db: Db, placeId: number): SeasonCell[] =>
  db
    .select()
    .from(roomSeason)
    .where(eq(roomSeason.placeId, placeId))
    .all()
    .map((row) => ({ month: row.month, hour: row.hour, n: row.n, sumTempC: row.sumTempC, sumRh: row.sumRhFraction }));

/** The newest reading of a place, if any. */
export const lastReading = (db: Db, placeId: number): typeof roomReading.$inferSelect | null =>
  keep(
    db,
    `last reading ${placeId}`,
    () =>
      db.select().from(roomReading).where(eq(roomReading.placeId, placeId)).orderBy(desc(roomReading.at)).limit(1).get() ?? null,
  );
