import 'server-only';
import { eq } from 'drizzle-orm';
import type { Went } from '@/core/blend';
import { fail, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { bottle } from '../schema';
import { combineLots } from './combine';
import { foundLeft } from './into-air';

export type Bottle = typeof bottle.$inferSelect;

export const bottleOf = (db: Db, lotId: number): Bottle | null =>
  db.select().from(bottle).where(eq(bottle.lotId, lotId)).get() ?? null;

export type NewBottle = {
  readonly fromLotId: number;
  readonly grams: number;
  readonly name: string;
  /** Empty with its lid, g; null where it was not weighed. */
  readonly tareG: number | null;
  /** Inside width of a straight bottle, mm. */
  readonly boreMm: number | null;
  readonly mark: string;
};

/** Decants part of a lot into a bottle that stands at hand: a lot of its own, traced to the one it came from. */
export function decant(
  db: Db,
  { fromLotId, grams, name, ...vessel }: NewBottle,
  by: By,
): Result<{ readonly id: number; readonly number: string }> {
  return command(db, (tx) => {
    if (name.trim() === '') return fail('name-needed', 'name');
    const made = combineLots(tx, { parts: [{ lotId: fromLotId, grams }], into: { kind: 'bottle', name } }, by);
    if (!made.ok) return made;
    tx.insert(bottle)
      .values({ lotId: made.value.id, ...vessel })
      .run();
    return made;
  });
}

/** Grams that are in a bottle by what it weighs now; null where its tare was never weighed. */
export const netOf = ({ tareG }: Pick<Bottle, 'tareG'>, grossG: number): number | null =>
  tareG === null ? null : grossG - tareG;

/** Pours more into a bottle: more of the same, or what lets it down. The contents follow from what was left in it. */
export const pourInto = (
  db: Db,
  { lotId, fromLotId, grams }: { readonly lotId: number; readonly fromLotId: number; readonly grams: number },
  by: By,
): Result<{ readonly id: number }> => combineLots(db, { parts: [{ lotId: fromLotId, grams }], into: { kind: 'top', lotId } }, by);

/** What stands in a straight bottle at a level, ml: `π/4 · bore² · level`. */
export const mlAtLevel = (boreMm: number, levelMm: number): number => ((Math.PI / 4) * boreMm * boreMm * levelMm) / 1000;

/** A level read off a bottle puts its book right; only of one whose width inside is known. */
export function readLevel(
  db: Db,
  { lotId, levelMm, went }: { readonly lotId: number; readonly levelMm: number; readonly went: Went },
  by: By,
): Result<{ readonly grams: number }> {
  return command(db, (tx) => {
    const vessel = bottleOf(tx, lotId);
    if (!vessel) return fail('not-found', 'lotId');
    if (vessel.boreMm === null) return fail('no-bore', 'level');
    return foundLeft(tx, lotId, { ml: mlAtLevel(vessel.boreMm, levelMm) }, went, by);
  });
}
