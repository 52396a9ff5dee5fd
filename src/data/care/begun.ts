import 'server-only';
import { inArray } from 'drizzle-orm';
import type { Db } from '../db';
import { keep } from '../kept';
import { lot, sale } from '../schema';

const hasLot = (db: Db, kinds: readonly (typeof lot.$inferSelect)['kind'][]): boolean =>
  db
    .select({ id: lot.id })
    .from(lot)
    .where(inArray(lot.kind, [...kinds]))
    .limit(1)
    .get() !== undefined;

/** What a shop has done once: received something, mixed a blend, sold a piece. */
export const begun = (db: Db) =>
  keep(db, 'begun', () => ({
    received: hasLot(db, ['bought', 'ready']),
    mixed: hasLot(db, ['made', 'tin']),
    sold: db.select({ id: sale.id }).from(sale).limit(1).get() !== undefined,
  }));
