import 'server-only';
import { asc, desc } from 'drizzle-orm';
import { INGREDIENTS, type Ingredient, ownMaterial as materialOf, type OwnMaterialFacts, ownMaterialId } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { keep } from '../kept';
import { ownMaterial } from '../schema';

export type OwnMaterialRow = typeof ownMaterial.$inferSelect;

/** The shop's own ingredients as they stand now, each by its last row. */
export const ownMaterialRows = (db: Db): readonly OwnMaterialRow[] =>
  keep(db, 'own materials', () => {
    const rows = db.select().from(ownMaterial).orderBy(asc(ownMaterial.id), desc(ownMaterial.number)).all();
    return rows.filter((row, i) => rows[i - 1]?.id !== row.id);
  });

export const ownMaterials = (db: Db): readonly Ingredient[] =>
  ownMaterialRows(db).map((row) => materialOf(row.id, row.likeId, row.facts));

type NewMaterial = {
  readonly likeId: string;
  readonly facts: OwnMaterialFacts;
  readonly photoHash: string | null;
  /** The one that is put right; null for a new one. */
  readonly base: string | null;
};

/** Keeps an ingredient of the shop's own, copied from one that is like it, or what is said of it now. */
export function saveOwnMaterial(
  db: Db,
  { likeId, facts, photoHash, base }: NewMaterial,
  by: By,
): Result<{ readonly id: string }> {
  return command(db, (tx) => {
    if (!INGREDIENTS.some((one) => one.id === likeId)) return fail('not-found', 'likeId');
    const name = facts.name.trim();
    if (name === '') return fail('name-needed', 'name');
    const known = base === null ? undefined : ownMaterialRows(tx).find((row) => row.id === base);
    if (base !== null && !known) return fail('not-found', 'base');
    const id = base ?? ownMaterialId(likeId, name);
    const isTaken = (other: string): boolean => other.toLowerCase() === name.toLowerCase();
    const rest = ownMaterialRows(tx).filter((row) => row.id !== base);
    if (INGREDIENTS.some((one) => isTaken(one.name)) || rest.some((row) => row.id === id || isTaken(row.facts.name)))
      return fail('name-taken', 'name', { name });
    tx.insert(ownMaterial)
      .values({
        id,
        number: (known?.number ?? 0) + 1,
        likeId: known?.likeId ?? likeId,
        facts: { ...facts, name },
        photoHash: photoHash ?? known?.photoHash ?? null,
        personId: by.personId,
        at: by.nowMs,
      })
      .run();
    return ok({ id });
  });
}
