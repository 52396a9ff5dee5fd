import 'server-only';
import type { Batch } from '@/data/work/batch';
import { unlike } from '@/data/work/split';
import type { BatchStanding } from '@/data/work/standing';
import type { OpenBatch } from '@/trade/hands/open-batches';

/** Open batches that this one could be joined to: alike in all, and waiting for the same step. */
export const alikeTo = (batch: Batch, { progress }: BatchStanding, open: readonly OpenBatch[]): string[] =>
  open
    .filter(
      (one) =>
        one.batch.id !== batch.id &&
        unlike(batch, one.batch) === null &&
        progress.next !== null &&
        one.standing.progress.next?.task.step.id === progress.next.task.step.id,
    )
    .map((one) => one.batch.number);
