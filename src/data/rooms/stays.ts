import 'server-only';
import { asc, eq, sql } from 'drizzle-orm';
import type { Db } from '../db';
import { keep } from '../kept';
import { place, placement } from '../schema';
import { type Place, places } from '../shop/queries';
import { statement } from '../statement';

const carried = statement((db) =>
  db
    .select({ place, at: placement.at })
    .from(placement)
    .innerJoin(place, eq(place.id, placement.placeId))
    .where(eq(placement.batchId, sql.placeholder('id')))
    .orderBy(asc(placement.at), asc(placement.id))
    .prepare(),
);

/** Where a batch stood from which moment on, oldest first. */
export const staysOf = (db: Db, batchId: number): { readonly place: Place; readonly at: number }[] =>
  keep(db, `stays ${batchId}`, () => carried(db).all({ id: batchId }));

/** Where a batch stood at a moment; on the bench until it was carried anywhere. */
export const placeAt = (db: Db, batchId: number, untilMs: number): Place | null =>
  staysOf(db, batchId).findLast((stay) => stay.at <= untilMs)?.place ?? places(db).find((one) => one.kind === 'bench') ?? null;
