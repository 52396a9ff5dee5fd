import 'server-only';
import { asc, eq, isNull } from 'drizzle-orm';
import type { Db } from '../db';
import { keep } from '../kept';
import { batch, ragLine, ragLineEntry } from '../schema';

export type RagLine = typeof ragLine.$inferSelect & { readonly coats: number; readonly batches: readonly string[] };

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
        .select({ number: batch.number })
        .from(ragLineEntry)
        .innerJoin(batch, eq(batch.id, ragLineEntry.batchId))
        .where(eq(ragLineEntry.ragLineId, line.id))
        .all();
      return { ...line, coats: held.length, batches: [...new Set(held.map((row) => row.number))] };
    });
}

/** How many of a batch's rag lines are not yet closed, of those that can heat themselves or burn. */
export function ragsOpenFor(db: Db, batchId: number): number {
  const lines = db
    .selectDistinct({ id: ragLine.id, checkedAt: ragLine.checkedAt, laidAt: ragLine.laidAt, hazard: ragLine.hazard })
    .from(ragLineEntry)
    .innerJoin(ragLine, eq(ragLine.id, ragLineEntry.ragLineId))
    .where(eq(ragLineEntry.batchId, batchId))
    .all();
  return lines.filter((line) => (line.hazard === 'plain' ? line.laidAt === null : line.checkedAt === null)).length;
}
