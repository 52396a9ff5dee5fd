import 'server-only';
import { eq } from 'drizzle-orm';
import { isOfRegimen, readTaskKey, regimenAsDone } from '@/core/batch';
import { fail, ok, type Result } from '@/core/quantity';
import { writeRevision } from '../catalogue/regimens';
import { type By, command } from '../command';
import type { Db } from '../db';
import { regimen } from '../schema';
import { readsOf } from '../shop/queries';
import { loadBatch } from './batch';
import { progressOfBatch } from './standing';

/**
 * The regimen that repeats a batch as it was really done: coats given, gaps left, grams taken. Made once, as a regimen of the shop's own
 * that may be changed like any other.
 */
export function againLike(db: Db, batchId: number, by: By): Result<{ readonly regimenId: string }> {
  return command(db, (tx) => {
    const batch = loadBatch(tx, batchId, by.nowMs);
    if (!batch) return fail('not-found', 'batchId');
    const { done, rest } = progressOfBatch(batch).progress;
    if (done.length === 0) return fail('nothing-done', 'batchId');
    const took = new Map(
      batch.book.flatMap(({ entry, stands }) =>
        stands?.grams && !stands.gramsEstimated ? [[entry.clientId, stands.grams] as const] : [],
      ),
    );
    const { revisionId: _, number: __, shipped: ___, ...of } = batch.regimen;
    const steps = rest
      .filter((task) => task.round === 1 && isOfRegimen(task.key) && readTaskKey(task.key).turn === 1)
      .map((task) => task.step);
    const made = regimenAsDone(of, batch.number, done, steps, took, readsOf(tx));
    if (!tx.select().from(regimen).where(eq(regimen.id, made.id)).get()) {
      tx.insert(regimen).values({ id: made.id, name: made.name }).run();
      writeRevision(tx, made, 1, `as batch ${batch.number} was done`, by.personId, by.nowMs);
    }
    return ok({ regimenId: made.id });
  });
}
