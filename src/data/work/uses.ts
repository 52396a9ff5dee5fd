import 'server-only';
import { and, eq, inArray } from 'drizzle-orm';
import type { PieceUse } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { batch, piece } from '../schema';
import { loadBatch } from './batch';
import { keepNote } from './notes';

type Change = {
  readonly batchId: number;
  readonly version: number;
  readonly clientId: string;
  /** The pieces it is for, of a batch of unlike ones; none: all of it. */
  readonly pieceIds: readonly number[];
  readonly uses: readonly PieceUse[];
  readonly why: string;
  /** What the note says: what it was for, and is for now. */
  readonly says: string;
};

/**
 * A running batch is for something else from now on: its gates are judged by that, and what it was for stays on its record with the reason.
 * What was decided is never changed.
 */
export function changeBatchUses(db: Db, { batchId, version, clientId, pieceIds, uses, why, says }: Change, by: By): Result<void> {
  return command(db, (tx) => {
    const of = loadBatch(tx, batchId, by.nowMs);
    if (!of) return fail('not-found', 'batchId');
    if (of.release) return fail('already-decided', 'batchId');
    if (of.trial) return fail('in-a-trial', 'batchId', { number: of.trial.number });
    if (uses.length === 0) return fail('required', 'uses');
    if (why.trim() === '') return fail('reason-needed', 'why');
    if (of.version !== version) return fail('stale', '');
    const own = of.pieces.filter((one) => pieceIds.length === 0 || pieceIds.includes(one.id));
    if (own.length === 0) return fail('no-pieces', 'batchId');
    const isWhole = own.length === of.pieces.length;
    tx.update(batch)
      .set({ ...(isWhole ? { uses: [...uses] } : {}), version: version + 1 })
      .where(eq(batch.id, batchId))
      .run();
    tx.update(piece)
      .set({ uses: isWhole ? null : [...uses] })
      .where(
        and(
          eq(piece.batchId, batchId),
          inArray(
            piece.id,
            own.map((one) => one.id),
          ),
        ),
      )
      .run();
    const noted = keepNote(tx, { clientId, batchId, text: `${says}: ${why.trim()}` }, by);
    return noted.ok ? ok(undefined) : noted;
  });
}
