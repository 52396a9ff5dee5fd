import 'server-only';
import { asc, eq } from 'drizzle-orm';
import type { Db } from '../db';
import { keep } from '../kept';
import { place, placement } from '../schema';
import { type Place, places } from '../shop/queries';

/** Where a batch stood from which moment on, oldest first. */
export const staysOf = (db: Db, batchId: number): { readonly place: Place; readonly at: number }[] =>
  keep(db, `stays ${batchId}`, () =>
    db
      .select({ place, at: placement.at })
      .from(placement)
      .innerJoin(place, eq(place.id, placement.placeId))
      .where(eq(placement.batchId, batchId))
      .orderBy(asc(placement.at), asc(placement.id))
      .all(),
  );

/** Where a batch stood at a moment; on the bench until it was carried anywhere. */
export const placeAt = (db: Db, batchId: number, untilMs: number): Place | null =>
  staysOf(db, batchId).findLast((stay) => stay.at <= untilMs)?.place ?? places(db).find((one) => one.kind === 'bench') ?? null;
