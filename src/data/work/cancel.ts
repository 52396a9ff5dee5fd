import 'server-only';
import { and, eq, inArray, sql } from 'drizzle-orm';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { batch, logEntry, lot, movement } from '../schema';
import { type Batch, loadBatch } from './batch';

/** What was drawn from a lot for a batch, g; corrections and what was taken back count. */
export type TakenBack = { readonly number: string; readonly grams: number };

/** Below this nothing was drawn: what remains of a draw that was taken back. */
const NOTHING_G = 1e-9;

/** What was drawn from each lot for the coats of a batch. */
export const drawnFor = (db: Db, batchId: number): TakenBack[] =>
  db
    .select({ number: lot.number, grams: sql<number>`-sum(${movement.grams})` })
    .from(movement)
    .innerJoin(logEntry, eq(logEntry.clientId, movement.entry))
    .innerJoin(lot, eq(lot.id, movement.lotId))
    .where(and(eq(logEntry.batchId, batchId), inArray(movement.why, ['coat', 'correction'])))
    .groupBy(lot.number)
    .all()
    .filter(({ grams }) => grams > NOTHING_G);

/** Whether anything happened to the wood or to a lot: then its cancelling needs a reason. */
const isBegun = (db: Db, of: Batch): boolean =>
  of.checks.length > 0 ||
  of.book.some(({ entry, stands }) => stands !== null && entry.kind !== 'left-out') ||
  drawnFor(db, of.id).length > 0;

/**
 * Cancels a batch that was begun by mistake or is given up: nobody is called to it any more. Its number is not given again, and what was
 * drawn for it stays drawn.
 */
export function cancelBatch(db: Db, { batchId, why }: { readonly batchId: number; readonly why: string }, by: By): Result<void> {
  return command(db, (tx) => {
    const of = loadBatch(tx, batchId, by.nowMs);
    if (!of) return fail('not-found', 'batchId');
    if (of.release) return fail('already-decided', 'batchId');
    if (of.trial) return fail('in-a-trial', 'batchId', { number: of.trial.number });
    if (of.joinedTo !== null) return fail('no-pieces', 'batchId');
    if (of.cancelledAt !== null) return ok(undefined);
    if (why.trim() === '' && isBegun(tx, of)) return fail('reason-needed', 'why');
    tx.update(batch)
      .set({ cancelledAt: by.nowMs, cancelledBy: by.personId, cancelledWhy: why.trim(), version: of.version + 1 })
      .where(eq(batch.id, batchId))
      .run();
    return ok(undefined);
  });
}

/** Takes the cancelling of a batch back: it goes on where it stood. */
export function resumeBatch(db: Db, batchId: number, by: By): Result<void> {
  return command(db, (tx) => {
    const of = loadBatch(tx, batchId, by.nowMs);
    if (!of) return fail('not-found', 'batchId');
    tx.update(batch)
      .set({ cancelledAt: null, cancelledBy: null, cancelledWhy: '', version: of.version + 1 })
      .where(eq(batch.id, batchId))
      .run();
    return ok(undefined);
  });
}

/** Ids of cancelled batches for which something was drawn, the newest first: they stand in no list else. */
export const cancelledBatchIds = (db: Db): number[] =>
  db
    .all<{ id: number }>(sql`select b.id from batch b where b.cancelled_at is not null and exists (
      select 1 from log_entry g join movement m on m.entry = g.client_id where g.batch_id = b.id) order by b.cancelled_at desc`)
    .map(({ id }) => id);
