import 'server-only';
import { and, eq, sql } from 'drizzle-orm';
import type { Light } from '@/core/cure';
import type { Opening } from '@/core/plan';
import { fail, isZone, ok, type Reads, type Result } from '@/core/quantity';
import { PLACE_KINDS, type PlaceHazard } from '@/core/regimen';
import { shipRegimens } from '../catalogue/regimens';
import { type By, command, isAhead } from '../command';
import type { Db } from '../db';
import { closedDay, opening, person, place, roomReading, shop } from '../schema';
import { FACTS_VERSION } from './facts-version';
import { newIdentity } from './identity';

export type NewShop = {
  readonly name: string;
  readonly zone: string;
  readonly currency: string;
  readonly people: readonly { readonly initials: string; readonly name: string }[];
  readonly hours: readonly Opening[];
};

const LIGHT_OF: Readonly<Record<string, 'dark' | 'indoor' | 'window'>> = { sill: 'window', 'warm cabinet': 'dark' };
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Sets a new shop up with its people, hours, usual places and the shipped regimens. */
export function setUpShop(db: Db, input: NewShop, nowMs: number): Result<void> {
  return command(db, (tx) => {
    if (!isZone(input.zone)) return fail('unknown-zone', 'zone', { zone: input.zone });
    if (tx.select().from(shop).get()) return fail('already-decided', '');
    tx.insert(shop)
      .values({
        id: 1,
        name: input.name,
        zone: input.zone,
        currency: input.currency,
        factsVersion: FACTS_VERSION,
        identity: newIdentity(),
        createdAt: nowMs,
      })
      .run();
    tx.insert(person)
      .values([...input.people])
      .run();
    if (input.hours.length > 0)
      tx.insert(opening)
        .values([...input.hours])
        .run();
    tx.insert(place)
      .values(
        PLACE_KINDS.filter((kind) => kind !== 'elsewhere').map((kind) => ({
          name: capital(kind),
          kind,
          light: LIGHT_OF[kind] ?? ('indoor' as const),
        })),
      )
      .run();
    shipRegimens(tx, nowMs);
    return ok(undefined);
  });
}

export type ShopChange = {
  readonly name: string;
  readonly zone: string;
  readonly baseAddress: string | null;
  readonly ambientC: number;
  readonly hourMinor?: number | null;
  readonly slipMinor?: number | null;
  readonly hours: readonly Opening[];
  readonly closed: readonly string[];
};

/** Changes the shop's own facts; refused when someone else changed them since `version`. */
export function changeShop(db: Db, version: number, change: ShopChange): Result<void> {
  return command(db, (tx) => {
    if (!isZone(change.zone)) return fail('unknown-zone', 'zone', { zone: change.zone });
    const { hours, closed, ...facts } = change;
    const changed = tx
      .update(shop)
      .set({ ...facts, version: version + 1 })
      .where(and(eq(shop.id, 1), eq(shop.version, version)))
      .run();
    if (changed.changes === 0) return fail('stale', '');
    tx.delete(opening).run();
    if (hours.length > 0)
      tx.insert(opening)
        .values([...hours])
        .run();
    tx.delete(closedDay).run();
    if (closed.length > 0)
      tx.insert(closedDay)
        .values(closed.map((date) => ({ date })))
        .run();
    return ok(undefined);
  });
}

/** The numbers that are called where the shop stands. */
export function sayNumbers(
  db: Db,
  { version, ...numbers }: { readonly version: number; readonly emergencyNumber: string; readonly poisonNumber: string },
): Result<void> {
  return command(db, (tx) => {
    const changed = tx
      .update(shop)
      .set({ ...numbers, version: version + 1 })
      .where(and(eq(shop.id, 1), eq(shop.version, version)))
      .run();
    return changed.changes === 0 ? fail('stale', '') : ok(undefined);
  });
}

/** The units the shop reads from now on; nothing that is kept changes. */
export function chooseReads(db: Db, reads: Reads): Result<void> {
  return command(db, (tx) => {
    tx.update(shop).set({ reads }).where(eq(shop.id, 1)).run();
    return ok(undefined);
  });
}

/** What fits in each place; null for no limit. */
export function changeRooms(db: Db, rows: readonly { readonly id: number; readonly capacity: number | null }[]): Result<void> {
  return command(db, (tx) => {
    for (const { id, capacity } of rows)
      tx.update(place)
        .set({ capacity, version: sql`${place.version} + 1` })
        .where(eq(place.id, id))
        .run();
    return ok(undefined);
  });
}

/** A place of the shop's own: its light, its usual air where it is not read, and what must be minded there. */
export type NewPlace = {
  readonly name: string;
  readonly light: Light;
  readonly hazards: readonly PlaceHazard[];
  readonly usualTempC: number | null;
  readonly usualRhFraction: number | null;
};

export function addPlace(db: Db, input: NewPlace): Result<{ readonly id: number }> {
  return command(db, (tx) => {
    const name = input.name.trim();
    if (name === '') return fail('name-needed', 'name');
    const isTaken = tx
      .select()
      .from(place)
      .all()
      .some((one) => one.name.toLowerCase() === name.toLowerCase());
    if (isTaken) return fail('name-taken', 'name', { name });
    return ok(
      tx
        .insert(place)
        .values({ ...input, name, kind: 'elsewhere' })
        .returning({ id: place.id })
        .get(),
    );
  });
}

export function addPerson(db: Db, input: { readonly initials: string; readonly name: string }): Result<void> {
  return command(db, (tx) => {
    const taken = tx.select().from(person).where(eq(person.initials, input.initials)).get();
    if (taken) return fail('name-taken', 'initials', { name: input.initials });
    tx.insert(person).values(input).run();
    return ok(undefined);
  });
}

export type NewReading = {
  readonly clientId: string;
  readonly placeId: number;
  readonly at: number;
  readonly tempC: number;
  readonly rh: number;
};

/** Records what the air of a place was; the same reading sent twice is kept once. */
export function recordReading(db: Db, reading: NewReading, by: By): Result<void> {
  return command(db, (tx) => {
    if (isAhead(reading.at, by)) return fail('in-the-future', 'at');
    const { rh, ...row } = reading;
    tx.insert(roomReading)
      .values({ ...row, rhFraction: rh, personId: by.personId })
      .onConflictDoNothing({ target: roomReading.clientId })
      .run();
    return ok(undefined);
  });
}

/** Keeps a logger's readings of a place; a moment that is kept already stays as it is. Gives how many were new. */
export function recordReadings(
  db: Db,
  placeId: number,
  readings: readonly { readonly atMs: number; readonly tempC: number; readonly rh: number }[],
  by: By,
): Result<number> {
  return command(db, (tx) => {
    if (!tx.select().from(place).where(eq(place.id, placeId)).get()) return fail('not-found', 'placeId');
    const add = tx
      .insert(roomReading)
      .values({
        clientId: sql.placeholder('clientId'),
        placeId,
        at: sql.placeholder('at'),
        tempC: sql.placeholder('tempC'),
        rhFraction: sql.placeholder('rh'),
        personId: by.personId,
      })
      .onConflictDoNothing({ target: roomReading.clientId })
      .prepare();
    let kept = 0;
    for (const { atMs, tempC, rh } of readings) {
      if (isAhead(atMs, by)) continue;
      kept += add.run({ clientId: `logger-${placeId}-${atMs}`, at: atMs, tempC, rh }).changes;
    }
    return ok(kept);
  });
}

/** Reckons the hours and seasons of every place anew from its readings; they are caches, kept by triggers. */
export function rebuildRooms(db: Db): void {
  db.transaction((tx) => {
    tx.run(sql`delete from room_hour`);
    tx.run(sql`delete from room_season`);
    tx.run(sql`insert into room_hour
      select place_id, at / 3600000, min(at), count(*), sum(temp_c), sum(rh_fraction) from room_reading group by 1, 2`);
    tx.run(sql`insert into room_season
      select place_id, cast(strftime('%m', at / 1000, 'unixepoch') as integer), (at / 3600000) % 24, count(*), sum(temp_c), sum(rh_fraction)
      from room_reading group by 1, 2, 3`);
  });
}
