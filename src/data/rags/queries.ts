import 'server-only';
import { asc, desc, eq, isNull } from 'drizzle-orm';
import type { Db } from '../db';
import { keep } from '../kept';
import { batch, formula, formulaRevision, pour, ragLine, ragLineEntry, ragLook } from '../schema';

export type RagLine = typeof ragLine.$inferSelect & {
  /** Acts that left cloths: coats, wipes, buffs, spills, oily sanding. */
  readonly acts: number;
  /** The batches and pots they were left at, as people call them. */
  readonly at: readonly string[];
  /** The last look that came too early to close it. */
  readonly lookedAt: number | null;
};

/** Rag lines still waiting for an answer or for the next day's look, oldest first. */
export const openRagLines = (db: Db): RagLine[] => keep(db, 'open rags', () => readOpen(db));

function readOpen(db: Db): RagLine[] {
  return db
    .select()
    .from(ragLine)
    .where(isNull(ragLine.checkedAt))
    .orderBy(asc(ragLine.openedAt))
    .all()
    .map((line) => {
      const held = db
        .select({ number: batch.number, pot: formula.name })
        .from(ragLineEntry)
        .leftJoin(batch, eq(batch.id, ragLineEntry.batchId))
        .leftJoin(pour, eq(pour.id, ragLineEntry.pourId))
        .leftJoin(formulaRevision, eq(formulaRevision.id, pour.formulaRevisionId))
        .leftJoin(formula, eq(formula.id, formulaRevision.formulaId))
        .where(eq(ragLineEntry.ragLineId, line.id))
        .all();
      const looked = db.select().from(ragLook).where(eq(ragLook.ragLineId, line.id)).orderBy(desc(ragLook.at)).get();
      return {
        ...line,
        acts: held.length,
        at: [...new Set(held.map((row) => row.number ?? `the pot of ${row.pot ?? ''}`))],
        lookedAt: looked?.at ?? null,
      };
    });
}

/** How many of a batch's rag lines are not yet closed. */
export function ragsOpenFor(db: Db, batchId: number): number {
  return db
    .selectDistinct({ id: ragLine.id, checkedAt: ragLine.checkedAt })
    .from(ragLineEntry)
    .innerJoin(ragLine, eq(ragLine.id, ragLineEntry.ragLineId))
    .where(eq(ragLineEntry.batchId, batchId))
    .all()
    .filter((line) => line.checkedAt === null).length;
}
