import 'server-only';
import { asc, desc, eq, inArray } from 'drizzle-orm';
import { findRevision, type Revision } from '../blends/queries';
import type { Db } from '../db';
import { container, fill, lot, potReading, pour, pourEntry } from '../schema';

export type Pour = typeof pour.$inferSelect;
export type PourEntry = typeof pourEntry.$inferSelect;

/** A pot being made: its formula, what was weighed (corrections applied), its temperatures and what was filled from it. */
export type Pot = Pour & {
  readonly revision: Revision & { readonly name: string };
  readonly entries: readonly PourEntry[];
  readonly struck: readonly PourEntry[];
  readonly temperatures: readonly (typeof potReading.$inferSelect)[];
  readonly fills: readonly {
    readonly container: string;
    readonly count: number;
    readonly netG: number;
    readonly lotId: number;
  }[];
  readonly lotNumber: string | null;
};

export function findPot(db: Db, id: number): Pot | null {
  const row = db.select().from(pour).where(eq(pour.id, id)).get();
  const revision = row && findRevision(db, row.formulaRevisionId);
  if (!row || !revision) return null;
  const all = db.select().from(pourEntry).where(eq(pourEntry.pourId, id)).orderBy(asc(pourEntry.id)).all();
  const replaced = new Set(all.map((entry) => entry.corrects));
  return {
    ...row,
    revision,
    entries: all.filter((entry) => !replaced.has(entry.clientId)),
    struck: all.filter((entry) => replaced.has(entry.clientId)),
    temperatures: db.select().from(potReading).where(eq(potReading.pourId, id)).orderBy(asc(potReading.at)).all(),
    fills: db
      .select({ container: container.name, count: fill.count, netG: fill.netG, lotId: fill.lotId })
      .from(fill)
      .innerJoin(container, eq(container.id, fill.containerId))
      .where(eq(fill.pourId, id))
      .all(),
    lotNumber:
      row.lotId === null
        ? null
        : (db.select({ number: lot.number }).from(lot).where(eq(lot.id, row.lotId)).get()?.number ?? null),
  };
}

/** Pots that are not finished, newest first. */
export const openPours = (db: Db): Pour[] =>
  db
    .select()
    .from(pour)
    .where(inArray(pour.state, ['weighing', 'heating', 'filling']))
    .orderBy(desc(pour.at))
    .all();
