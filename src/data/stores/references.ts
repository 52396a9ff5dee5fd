import 'server-only';
import { desc } from 'drizzle-orm';
import { findIngredient } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { keep } from '../kept';
import { reference } from '../schema';
import { catalogueOf } from './catalogue';

export type Reference = typeof reference.$inferSelect;

/** Pieces that are kept as known, newest first; of each material the newest is the one to judge beside. */
export const references = (db: Db): readonly Reference[] =>
  keep(db, 'references', () => db.select().from(reference).orderBy(desc(reference.at), desc(reference.id)).all());

/** Keeps a piece of a material as the known one, with what makes it known. */
export function keepReference(
  db: Db,
  input: { readonly materialId: string; readonly says: string; readonly photoHash: string | null },
  by: By,
): Result<{ readonly id: number }> {
  return command(db, (tx) => {
    if (!findIngredient(input.materialId, catalogueOf(tx)))
      return fail('unknown-ingredient', 'materialId', { id: input.materialId });
    if (input.says.trim() === '') return fail('reason-needed', 'says');
    return ok(
      tx
        .insert(reference)
        .values({ ...input, says: input.says.trim(), personId: by.personId, at: by.nowMs })
        .returning({ id: reference.id })
        .get(),
    );
  });
}
