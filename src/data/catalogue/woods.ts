import 'server-only';
import { asc, desc, eq } from 'drizzle-orm';
import { findSpecies, type OwnWoodFacts, ownSpecies, ownWoodId, SPECIES, type Species } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { keep } from '../kept';
import { ownWood } from '../schema';

export type OwnWoodRow = typeof ownWood.$inferSelect;

/** The shop's own woods as they stand now, each by its last row. */
export const ownWoods = (db: Db): readonly OwnWoodRow[] =>
  keep(db, 'own woods', () => {
    const rows = db.select().from(ownWood).orderBy(asc(ownWood.id), desc(ownWood.number)).all();
    return rows.filter((row, i) => rows[i - 1]?.id !== row.id);
  });

/** Every wood a batch may be of: the house's, and the shop's own. */
export const allWoods = (db: Db): readonly Species[] => [
  ...ownWoods(db).map((row) => ownSpecies(row.id, row.likeId, row.facts)),
  ...SPECIES,
];

/** The wood of an id; null where neither the house nor the shop knows it. */
export function findWood(db: Db, id: string): Species | null {
  const known = findSpecies(id);
  if (known) return known;
  const own = ownWoods(db).find((row) => row.id === id);
  return own ? ownSpecies(own.id, own.likeId, own.facts) : null;
}

/** The wood of an id that a record names. Throws on one that is known to nobody. */
export function woodOf(db: Db, id: string): Species {
  const found = findWood(db, id);
  if (!found) throw new Error(`no wood ${id}`);
  return found;
}

type NewWood = { readonly likeId: string; readonly facts: OwnWoodFacts; readonly why: string; readonly base: string | null };

/** Keeps a wood of the shop's own, copied from one that is like it, or what is said of it now. Its verdict wants its reason. */
export function saveOwnWood(db: Db, { likeId, facts, why, base }: NewWood, by: By): Result<{ readonly id: string }> {
  return command(db, (tx) => {
    if (!findSpecies(likeId)) return fail('not-found', 'likeId');
    if (facts.name.trim() === '') return fail('name-needed', 'name');
    if (why.trim() === '') return fail('reason-needed', 'why');
    const id = base ?? ownWoodId(likeId, facts.name);
    const known = tx.select().from(ownWood).where(eq(ownWood.id, id)).orderBy(desc(ownWood.number)).get();
    if (base !== null && !known) return fail('not-found', 'base');
    const isTaken = (name: string): boolean => name.toLowerCase() === facts.name.trim().toLowerCase();
    const taken =
      SPECIES.some((one) => isTaken(one.name)) || ownWoods(tx).some((row) => row.id !== id && isTaken(row.facts.name));
    if (taken || (base === null && known)) return fail('name-taken', 'name', { name: facts.name });
    tx.insert(ownWood)
      .values({
        id,
        number: (known?.number ?? 0) + 1,
        likeId: known?.likeId ?? likeId,
        facts: { ...facts, name: facts.name.trim() },
        why: why.trim(),
        personId: by.personId,
        at: by.nowMs,
      })
      .run();
    return ok({ id });
  });
}
