import 'server-only';
import { and, eq } from 'drizzle-orm';
import { fail, MS_PER_MINUTE, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { keep } from '../kept';
import { pin } from '../schema';
import { loadBatch } from '../work/batch';
import { progressOfBatch } from '../work/standing';

export type Pin = typeof pin.$inferSelect;
export const allPins = (db: Db): Pin[] => keep(db, 'pins', () => db.select().from(pin).all());

type Where = { readonly batchId: number; readonly task: string };

/** Holds a step to a start, whatever the plan would rather; null lets it go again. Outside its window is refused. */
export function pinStep(db: Db, { batchId, task }: Where, startAt: number | null, by: By): Result<void> {
  return command(db, (tx) => {
    const batch = loadBatch(tx, batchId, by.nowMs);
    if (!batch) return fail('not-found', 'batchId');
    const { tasks, progress } = progressOfBatch(batch);
    const of = tasks.find((one) => one.key === task);
    if (!of) return fail('not-found', 'task');
    if (progress.done.some((one) => one.task.key === task)) return fail('already-decided', 'task');
    tx.delete(pin)
      .where(and(eq(pin.batchId, batchId), eq(pin.task, task)))
      .run();
    if (startAt === null) return ok(undefined);
    const at = Math.round(startAt / MS_PER_MINUTE) * MS_PER_MINUTE;
    if (at < by.nowMs - MS_PER_MINUTE) return fail('in-the-past', 'startAt');
    const window = progress.next?.task.key === task ? progress.next.window : null;
    if (window && ((window.earliestMs ?? at) > at || (window.latestMs ?? at) < at)) return fail('outside-window', 'startAt');
    tx.insert(pin).values({ batchId, task, startAt: at, personId: by.personId, at: by.nowMs }).run();
    return ok(undefined);
  });
}
