import 'server-only';
import { and, desc, eq } from 'drizzle-orm';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { designRevision } from '../schema';
import { type ForWhat, usesRow } from '../work/commands';
import { judgeByUses } from './facts';

/**
 * Says what a design is for. What was only read off an older file is answered in its place, so that running batches follow; what its
 * maker had said before is changed as a revision, and batches keep the one they began with.
 */
export function sayUses(
  db: Db,
  input: { readonly designId: number; readonly base: number } & ForWhat,
  by: By,
): Result<{ readonly revisionId: number }> {
  return command(db, (tx) => {
    if (input.uses.length === 0) return fail('required', 'uses');
    const newest = tx
      .select()
      .from(designRevision)
      .where(eq(designRevision.designId, input.designId))
      .orderBy(desc(designRevision.number))
      .get();
    if (!newest) return fail('not-found', 'designId');
    if (newest.id !== input.base) return fail('stale', '');
    tx.update(designRevision)
      .set(usesRow(input))
      .where(and(eq(designRevision.designId, input.designId), eq(designRevision.usesSaid, false)))
      .run();
    if (!newest.usesSaid) {
      judgeByUses(tx, input.designId, by);
      return ok({ revisionId: newest.id });
    }
    const row = tx
      .insert(designRevision)
      .values({
        designId: input.designId,
        number: newest.number + 1,
        geometry: newest.geometry,
        sizesSure: newest.sizesSure,
        ...usesRow(input),
        at: by.nowMs,
      })
      .returning({ id: designRevision.id })
      .get();
    return ok({ revisionId: row.id });
  });
}
