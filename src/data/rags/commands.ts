import 'server-only';
import { and, desc, eq, isNull } from 'drizzle-orm';
import { fail, MS_PER_HOUR, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { RAG_HAZARDS, type RAG_WAYS, ragLine, ragLineEntry } from '../schema';

type Hazard = (typeof RAG_HAZARDS)[number];
type Cloth = { readonly batchId: number; readonly entry: string; readonly hazard: Hazard; readonly at: number };

const worse = (a: Hazard, b: Hazard): Hazard => (RAG_HAZARDS.indexOf(a) < RAG_HAZARDS.indexOf(b) ? a : b);

/** Coats this far apart belong to different working sessions. */
const SESSION_MS = 10 * MS_PER_HOUR;

/** Adds a coat's cloths to the session's rag line; opens one when none is waiting for an answer. The worst cloth sets its hazard. */
export function growRagLine(tx: Db, { batchId, entry, hazard, at }: Cloth, by: By): void {
  const open = tx
    .select()
    .from(ragLine)
    .where(isNull(ragLine.laidAt))
    .orderBy(desc(ragLine.openedAt))
    .all()
    .find((line) => Math.abs(at - line.openedAt) <= SESSION_MS);
  const id =
    open?.id ?? tx.insert(ragLine).values({ hazard, openedAt: at, openedBy: by.personId }).returning({ id: ragLine.id }).get().id;
  if (open)
    tx.update(ragLine)
      .set({ hazard: worse(open.hazard, hazard), version: open.version + 1 })
      .where(eq(ragLine.id, open.id))
      .run();
  tx.insert(ragLineEntry).values({ ragLineId: id, entry, batchId }).run();
}

/** A coat that was taken back leaves no cloth; a line left with none, and not yet answered, goes. */
export function shrinkRagLine(tx: Db, entry: string): void {
  const held = tx.select().from(ragLineEntry).where(eq(ragLineEntry.entry, entry)).get();
  if (!held) return;
  tx.delete(ragLineEntry).where(eq(ragLineEntry.entry, entry)).run();
  const more = tx.select().from(ragLineEntry).where(eq(ragLineEntry.ragLineId, held.ragLineId)).get();
  if (!more)
    tx.delete(ragLine)
      .where(and(eq(ragLine.id, held.ragLineId), isNull(ragLine.laidAt)))
      .run();
}

/** Says how the cloths lie. The line stays until they are looked at the next day. */
export function layRags(db: Db, id: number, way: (typeof RAG_WAYS)[number], version: number, by: By): Result<void> {
  return command(db, (tx) => {
    const changed = tx
      .update(ragLine)
      .set({ way, laidAt: by.nowMs, laidBy: by.personId, version: version + 1 })
      .where(and(eq(ragLine.id, id), eq(ragLine.version, version)))
      .run();
    return changed.changes === 0 ? fail('stale', 'way') : ok(undefined);
  });
}

/** The next day's look: dry, flat and cold, or gone. */
export function checkRags(db: Db, id: number, version: number, by: By): Result<void> {
  return command(db, (tx) => {
    const line = tx.select().from(ragLine).where(eq(ragLine.id, id)).get();
    if (!line) return fail('not-found', 'id');
    if (line.laidAt === null) return fail('rags-first', 'way');
    const changed = tx
      .update(ragLine)
      .set({ checkedAt: by.nowMs, checkedBy: by.personId, version: version + 1 })
      .where(and(eq(ragLine.id, id), eq(ragLine.version, version)))
      .run();
    return changed.changes === 0 ? fail('stale', 'way') : ok(undefined);
  });
}
