import 'server-only';
import { eq } from 'drizzle-orm';
import type { Way } from '@/core/batch';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { recovery } from '../schema';
import { loadBatch } from './batch';
import { progressOfBatch } from './standing';

type Wish = { readonly clientId: string; readonly batchId: number; readonly way: Way };

/** Takes up a way back: its steps stand before what is next, with their own windows. */
export function takeWay(db: Db, { clientId, batchId, way }: Wish, by: By): Result<void> {
  return command(db, (tx) => {
    if (tx.select().from(recovery).where(eq(recovery.clientId, clientId)).get()) return ok(undefined);
    const batch = loadBatch(tx, batchId, by.nowMs);
    if (!batch) return fail('not-found', 'batchId');
    if (batch.release) return fail('already-decided', 'batchId');
    const next = progressOfBatch(batch).progress.next;
    if (!next) return fail('not-found', 'batchId');
    tx.insert(recovery).values({ clientId, batchId, way, beforeTask: next.task.key, personId: by.personId, at: by.nowMs }).run();
    return ok(undefined);
  });
}

/** Lets a way back go again, as long as nothing of it was done. */
export function leaveWay(db: Db, { batchId, id }: { readonly batchId: number; readonly id: number }, by: By): Result<void> {
  return command(db, (tx) => {
    const batch = loadBatch(tx, batchId, by.nowMs);
    const taken = batch?.recoveries.find((one) => one.id === id);
    if (!batch || !taken) return fail('not-found', 'id');
    if (begun(batch, taken)) return fail('way-begun', 'id');
    tx.update(recovery).set({ withdrawnAt: by.nowMs }).where(eq(recovery.id, id)).run();
    return ok(undefined);
  });
}

type Loaded = NonNullable<ReturnType<typeof loadBatch>>;
const begun = (batch: Loaded, taken: Loaded['recoveries'][number]): boolean =>
  batch.book.some(({ entry, stands }) => stands && entry.task.startsWith(`${taken.way}~${taken.id}:`));

/** A record that comes late and says the step was done in time takes back the way back that its absence caused. */
export function withdrawCaused(tx: Db, batch: Loaded, task: string, at: number, by: By): void {
  for (const taken of batch.recoveries)
    if (taken.beforeTask === task && at <= taken.at && !begun(batch, taken))
      tx.update(recovery).set({ withdrawnAt: by.nowMs }).where(eq(recovery.id, taken.id)).run();
}
