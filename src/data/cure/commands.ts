import 'server-only';
import { and, asc, eq, gte } from 'drizzle-orm';
import { type CheckKind, type WeighCurve, type Weighing, weighCurve } from '@/core/cure';
import { fail, MS_PER_HOUR, ok, type Result } from '@/core/quantity';
import { type By, command, isAhead } from '../command';
import type { Db } from '../db';
import { keep } from '../kept';
import { checkEntry, weighIn } from '../schema';
import { loadBatch } from '../work/batch';

export type NewCheck = {
  readonly clientId: string;
  readonly batchId: number;
  readonly kind: CheckKind;
  readonly pass: boolean;
  readonly note: string;
  readonly at: number;
};

/** Records a judgement of a batch's finish, once however often it is sent. */
export function recordCheck(db: Db, input: NewCheck, by: By): Result<void> {
  return command(db, (tx) => {
    const batch = loadBatch(tx, input.batchId, by.nowMs);
    if (!batch) return fail('not-found', 'batchId');
    if (batch.release) return fail('already-decided', 'batchId');
    if (isAhead(input.at, by)) return fail('in-the-future', 'at');
    tx.insert(checkEntry)
      .values({ ...input, personId: by.personId })
      .onConflictDoNothing({ target: checkEntry.clientId })
      .run();
    return ok(undefined);
  });
}

export type NewWeighing = { readonly clientId: string; readonly batchId: number; readonly grams: number; readonly at: number };

/** Puts down what a test piece weighs, once however often it is sent. */
export function recordWeighing(db: Db, input: NewWeighing, by: By): Result<void> {
  return command(db, (tx) => {
    const batch = loadBatch(tx, input.batchId, by.nowMs);
    if (!batch) return fail('not-found', 'batchId');
    if (!(input.grams > 0)) return fail('must-be-positive', 'grams');
    if (isAhead(input.at, by)) return fail('in-the-future', 'at');
    tx.insert(weighIn)
      .values({ ...input, personId: by.personId })
      .onConflictDoNothing({ target: weighIn.clientId })
      .run();
    return ok(undefined);
  });
}

/** A test piece's weighings since a moment, in order. */
export const weighingsOf = (db: Db, batchId: number, sinceMs: number): (typeof weighIn.$inferSelect)[] =>
  db
    .select()
    .from(weighIn)
    .where(and(eq(weighIn.batchId, batchId), gte(weighIn.at, sinceMs)))
    .orderBy(asc(weighIn.at))
    .all();

/** A test piece's weighings since the last coat, in hours from it, with the stretches laid through them. */
export const weighInOf = (
  db: Db,
  batchId: number,
  startMs: number,
): { readonly weighed: readonly Weighing[]; readonly curve: WeighCurve | null } =>
  keep(db, `weigh-in ${batchId} ${startMs}`, () => {
    const weighed = weighingsOf(db, batchId, startMs).map((row) => ({
      hours: (row.at - startMs) / MS_PER_HOUR,
      grams: row.grams,
    }));
    return { weighed, curve: weighCurve(weighed) };
  });
