import 'server-only';
import { eq } from 'drizzle-orm';
import { z } from 'zod';
import { SURFACES } from '@/core/piece';
import { fail, ok, type Result } from '@/core/quantity';
import { lastGrit, MARKS, type Marked, notNeeded } from '@/core/regimen';
import { findRegimen } from '../catalogue/catalogue';
import { type By, command } from '../command';
import type { Db } from '../db';
import { logEntry, piece, restoration } from '../schema';
import { loadBatch } from '../work/batch';
import { type NewBatch, startBatch } from '../work/commands';

export type RestorationJob = {
  /** The code on its slip, or empty for a stranger's piece. */
  readonly code: string;
  readonly owner: string;
  readonly wasFinishedWith: string;
  readonly marks: readonly Marked[];
  readonly billMinor: number | null;
  readonly sands: boolean;
};

/** A piece comes home: a batch of its own, the sandings it does not need left out from the start. */
export function startRestoration(
  db: Db,
  job: RestorationJob,
  start: NewBatch,
  by: By,
): Result<{ readonly id: number; readonly number: string }> {
  return command(db, (tx) => {
    if (job.owner.trim() === '') return fail('required', 'owner');
    const known =
      job.code.trim() === '' ? null : tx.select().from(piece).where(eq(piece.code, job.code.trim().toUpperCase())).get();
    if (known === undefined) return fail('no-such-piece', 'code', { tag: job.code });
    // Where its wood came from is on the record of the batch it was made in.
    const before = known ? loadBatch(tx, known.batchId, by.nowMs) : null;
    const made = startBatch(tx, before ? { ...start, origin: before.origin, treeKnown: before.treeKnown } : start, by);
    if (!made.ok) return made;
    tx.insert(restoration)
      .values({
        batchId: made.value.id,
        pieceId: known?.id ?? null,
        owner: job.owner.trim(),
        wasFinishedWith: job.wasFinishedWith.trim(),
        marks: job.marks.map((mark) => ({ ...mark })),
        billMinor: job.billMinor,
      })
      .run();
    const has = new Set(
      findRegimen(tx, start.regimenRevisionId)
        ?.steps.filter((step) => step.optional)
        .map((step) => step.id),
    );
    notNeeded(job.marks, { last: before ? lastGrit(before.regimen) : null, sands: job.sands })
      .filter((task) => has.has(task))
      .forEach((task, i) => {
        tx.insert(logEntry)
          .values({
            clientId: `restore-${made.value.id}-${task}`,
            batchId: made.value.id,
            kind: 'left-out',
            task,
            pieces: start.pieces,
            personId: by.personId,
            at: by.nowMs + i,
            recordedAt: by.nowMs,
            device: 'shop',
            deviceSequence: i,
            seen: job.sands ? 'not needed for its marks' : 'washed, not sanded',
          })
          .run();
      });
    return made;
  });
}

const Marks = z.array(z.object({ surface: z.enum(SURFACES), mark: z.enum(MARKS) }));
export type Restoration = Omit<typeof restoration.$inferSelect, 'marks'> & {
  readonly marks: readonly Marked[];
  readonly code: string | null;
};

/** The restoration a batch is, or null. */
export function restorationOf(db: Db, batchId: number): Restoration | null {
  const row = db
    .select()
    .from(restoration)
    .leftJoin(piece, eq(piece.id, restoration.pieceId))
    .where(eq(restoration.batchId, batchId))
    .get();
  return row ? { ...row.restoration, marks: Marks.parse(row.restoration.marks), code: row.piece?.code ?? null } : null;
}

/** It went back to its owner. */
export function wentBack(
  db: Db,
  { batchId, billMinor }: { readonly batchId: number; readonly billMinor: number | null },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const row = tx.select().from(restoration).where(eq(restoration.batchId, batchId)).get();
    if (!row) return fail('not-found', 'batchId');
    if (row.backAt !== null) return fail('already-decided', 'batchId');
    tx.update(restoration)
      .set({ backAt: by.nowMs, billMinor, version: row.version + 1 })
      .where(eq(restoration.batchId, batchId))
      .run();
    return ok(undefined);
  });
}
