import 'server-only';
import type { CheckKind } from '@/core/cure';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command, isAhead } from '../command';
import type { Db } from '../db';
import { checkEntry } from '../schema';
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
