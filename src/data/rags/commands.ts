import 'server-only';
import { and, desc, eq, isNull } from 'drizzle-orm';
import type { RagHazard } from '@/core/blend';
import { type ClothWay, closesWhenLaid, clothWaysFor, inSession, lookFromMs, worstHazard } from '@/core/cloths';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { pour, ragLine, ragLineEntry, ragLook } from '../schema';
import { findShop } from '../shop/queries';

/** An act that left cloths: at a batch or at a pot, what is on them, and whether that gives off vapour. */
export type Cloth = {
  readonly of: { readonly batchId: number } | { readonly pourId: number };
  readonly entry: string;
  readonly hazard: RagHazard;
  readonly vapour: boolean;
  readonly at: number;
};

/**
 * Adds an act's cloths to the session's rag line; the worst cloth sets its hazard. One that was answered before opens again: what was laid
 * lies, but these do not yet.
 */
export function growRagLine(tx: Db, { of, entry, hazard, vapour, at }: Cloth, by: By): void {
  if (tx.select().from(ragLineEntry).where(eq(ragLineEntry.entry, entry)).get()) return;
  const zone = findShop(tx)?.zone ?? 'UTC';
  const lines = tx.select().from(ragLine).orderBy(desc(ragLine.openedAt)).limit(40).all();
  const isOpen = (line: (typeof lines)[number]): boolean =>
    // Plain cloths that are done with take more of their kind; what heats begins a line of its own.
    line.checkedAt === null || (closesWhenLaid(line.hazard) && closesWhenLaid(hazard));
  const open = lines.find((line) => inSession(line.openedAt, at, zone) && isOpen(line));
  const id =
    open?.id ??
    tx.insert(ragLine).values({ hazard, vapour, openedAt: at, openedBy: by.personId }).returning({ id: ragLine.id }).get().id;
  if (open)
    tx.update(ragLine)
      .set({
        hazard: worstHazard([open.hazard, hazard]),
        vapour: open.vapour || vapour,
        way: null,
        laidAt: null,
        laidBy: null,
        checkedAt: null,
        checkedBy: null,
        answeredAt: open.laidAt ?? open.answeredAt,
        version: open.version + 1,
      })
      .where(eq(ragLine.id, open.id))
      .run();
  tx.insert(ragLineEntry)
    .values({ ragLineId: id, entry, batchId: 'batchId' in of ? of.batchId : null, pourId: 'pourId' in of ? of.pourId : null })
    .run();
}

/** An act that was taken back leaves no cloth; a line left with none, and not yet answered, goes. */
export function shrinkRagLine(tx: Db, entry: string): void {
  const held = tx.select().from(ragLineEntry).where(eq(ragLineEntry.entry, entry)).get();
  if (!held) return;
  tx.delete(ragLineEntry).where(eq(ragLineEntry.entry, entry)).run();
  const more = tx.select().from(ragLineEntry).where(eq(ragLineEntry.ragLineId, held.ragLineId)).get();
  const looked = tx.select().from(ragLook).where(eq(ragLook.ragLineId, held.ragLineId)).get();
  if (!more && !looked)
    tx.delete(ragLine)
      .where(and(eq(ragLine.id, held.ragLineId), isNull(ragLine.laidAt), isNull(ragLine.answeredAt)))
      .run();
}

/** A line as whoever answers it saw it. */
export type SeenLine = { readonly id: number; readonly version: number };

/** Does to each of some lines what one answer says, or to none. */
function each<T>(lines: readonly SeenLine[], answer: (line: SeenLine) => Result<T>): Result<readonly T[]> {
  const given: T[] = [];
  for (const line of lines) {
    const one = answer(line);
    if (!one.ok) return one;
    given.push(one.value);
  }
  return ok(given);
}

/** Says how the cloths of some lines lie, all alike. A line of plain oil is closed by it; the others stay until they are looked at the next day. */
export const layRags = (db: Db, lines: readonly SeenLine[], way: ClothWay, by: By): Result<unknown> =>
  command(db, (tx) => each(lines, (line) => layOne(tx, line, way, by)));

function layOne(tx: Db, { id, version }: SeenLine, way: ClothWay, by: By): Result<void> {
  const line = tx.select().from(ragLine).where(eq(ragLine.id, id)).get();
  if (!line) return fail('not-found', 'id');
  if (!clothWaysFor(line.hazard, line.vapour).includes(way)) return fail('never-burnt', 'way');
  const closed = closesWhenLaid(line.hazard) ? { checkedAt: by.nowMs, checkedBy: by.personId } : {};
  const changed = tx
    .update(ragLine)
    .set({ way, laidAt: by.nowMs, laidBy: by.personId, ...closed, version: version + 1 })
    .where(and(eq(ragLine.id, id), eq(ragLine.version, version)))
    .run();
  return changed.changes === 0 ? fail('stale', 'way') : ok(undefined);
}

type Look = { readonly closed: boolean; readonly fromMs: number };

/**
 * A look at the cloths of some lines: dry, flat and cold, or gone. Every look is kept; it closes a line only once `LOOK_AFTER_HOURS` have
 * gone since they were laid, since they heat within hours.
 * @returns of each whether it closed it, and from when on a look will
 */
export const checkRags = (db: Db, lines: readonly SeenLine[], by: By): Result<readonly Look[]> =>
  command(db, (tx) => each(lines, (line) => checkOne(tx, line, by)));

function checkOne(tx: Db, { id, version }: SeenLine, by: By): Result<Look> {
  const line = tx.select().from(ragLine).where(eq(ragLine.id, id)).get();
  if (!line) return fail('not-found', 'id');
  if (line.laidAt === null) return fail('rags-first', 'way');
  if (line.version !== version || line.checkedAt !== null) return fail('stale', 'way');
  const fromMs = lookFromMs(line.laidAt);
  const closed = by.nowMs >= fromMs;
  tx.insert(ragLook).values({ ragLineId: id, closes: closed, personId: by.personId, at: by.nowMs }).run();
  tx.update(ragLine)
    .set(closed ? { checkedAt: by.nowMs, checkedBy: by.personId, version: version + 1 } : { version: version + 1 })
    .where(eq(ragLine.id, id))
    .run();
  return ok({ closed, fromMs });
}

/** Something was spilt at a pot, or wiped up there: its cloths join the session's line. */
export function recordSpill(
  db: Db,
  {
    clientId,
    pourId,
    hazard,
    vapour,
  }: { readonly clientId: string; readonly pourId: number; readonly hazard: RagHazard; readonly vapour: boolean },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const pot = tx.select().from(pour).where(eq(pour.id, pourId)).get();
    if (!pot) return fail('not-found', 'pourId');
    growRagLine(tx, { of: { pourId }, entry: clientId, hazard, vapour, at: by.nowMs }, by);
    return ok(undefined);
  });
}
