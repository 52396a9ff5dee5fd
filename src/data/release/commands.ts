import 'server-only';
import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { AT_THE_END, type Way } from '@/core/batch';
import type { Catalogue, Contact } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { type Evidence, type Gate, type GateId, gatesOf, mayRelease } from '@/core/release';
import { nextNumber } from '@/data/shop/numbers';
import { type By, command } from '../command';
import { learnedA0 } from '../cure/learned';
import type { Db } from '../db';
import { ragsOpenFor } from '../rags/queries';
import { batchPrice, labelled, piece, recovery, release } from '../schema';
import { catalogueOf } from '../stores/catalogue';
import { lotOf } from '../stores/queries';
import { type Batch, loadBatch, piecesIn } from '../work/batch';
import { type BatchStanding, standingOfBatch } from '../work/standing';
import { recordFor } from './record';
import { finishFor, gatesOfBatch } from './uses';

/** What a batch's materials hold, as the slip must name it: contents, allergens, and what nobody declared. */
export function contentsOf({ materials }: Pick<Batch, 'materials'>) {
  const lots = Object.values(materials);
  const all = (of: (lot: (typeof lots)[number]) => readonly string[]): string[] => [...new Set(lots.flatMap(of))];
  return {
    contents: all((lot) => lot.contents),
    allergens: all((lot) => lot.nature?.allergens ?? []).sort(),
    undeclared: all((lot) => lot.undeclared),
  };
}

/** What a batch's release is judged on, and what its record says beside. */
export type FoundEvidence = Evidence & {
  readonly notForFood: boolean;
  readonly contact: Contact;
  readonly filmForming: boolean;
  readonly allergens: readonly string[];
  readonly undeclared: number;
};

export function evidenceOf(db: Db, batch: Batch, standing: BatchStanding): FoundEvidence {
  const catalogue = catalogueOf(db);
  const use = gatesOfBatch(batch, catalogue);
  const finish = finishFor(batch, catalogue);
  return {
    stepsLeft: standing.progress.rest.length,
    fitness: standing.fitness,
    use: batch.design.uses,
    useGates: use.gates,
    ragsOpen: ragsOpenFor(db, batch.id) + (batch.splitFrom === null ? 0 : ragsOpenFor(db, batch.splitFrom)),
    notForFood: use.notForFood,
    contact: finish.contact,
    filmForming: finish.filmForming !== false,
    allergens: contentsOf(batch).allergens,
    undeclared: contentsOf(batch).undeclared.length,
  };
}

/** Whether the slip, the owner's page and the label of a batch's pieces say "Not for food". */
export const saysNotForFood = (batch: Batch, catalogue: Catalogue): boolean => gatesOfBatch(batch, catalogue).notForFood;

/** What becomes of a batch that is refused: waited for or mended by a way back and judged again, or rejected. */
export type ReleaseRefusal = { readonly next: 'mend' | 'reject'; readonly way: Way | null };

export type Decision = {
  readonly batchId: number;
  readonly outcome: 'released' | 'refused';
  readonly reason: string;
  readonly signed: readonly GateId[];
  /** Only of a refusal. */
  readonly refusal?: ReleaseRefusal;
};

const nextReleaseNumber = (tx: Db, nowMs: number): string =>
  nextNumber(tx, { table: release, column: release.number, prefix: 'R', digits: 3 }, nowMs);

/** A batch as it would be judged at a moment: its evidence, its gates, and the record they would make. */
export function judge(db: Db, batch: Batch, standing: BatchStanding) {
  const evidence = evidenceOf(db, batch, standing);
  return { evidence, gates: gatesOf(evidence) };
}

/** Releases or refuses a batch on the evidence of this moment; the record never changes. */
export function decideRelease(db: Db, decision: Decision, by: By): Result<{ readonly number: string }> {
  const { batchId, outcome, reason, signed, refusal } = decision;
  // Before the transaction: it holds the file no longer than it must.
  const learned = learnedA0(db);
  return command(db, (tx) => {
    const batch = loadBatch(tx, batchId, by.nowMs);
    if (!batch) return fail('not-found', 'batchId');
    if (batch.release) return fail('already-decided', 'batchId');
    if (batch.trial) return fail('trial-batch', '');
    if (batch.cancelledAt !== null) return fail('batch-cancelled', 'batchId');
    if (piecesIn(batch).length === 0) return fail('no-pieces', 'batchId');
    const held = outcome === 'released' ? batch.on.find((lot) => lot.held) : undefined;
    if (held) return fail('lot-held', 'batchId', { number: held.held?.number ?? held.number });
    const standing = standingOfBatch(tx, batch, by.nowMs, learned);
    const judged = judge(tx, batch, standing);
    const { gates } = judged;
    const needsReason = outcome === 'refused' || gates.some((gate) => !gate.met);
    if (outcome === 'released' && !mayRelease(gates, signed))
      return fail('gate-unmet', 'signed', { gate: firstUnmet(gates, signed) });
    if (needsReason && reason.trim() === '') return fail('reason-needed', 'reason');
    const number = nextReleaseNumber(tx, by.nowMs);
    const next = outcome === 'refused' ? (refusal?.next ?? 'reject') : null;
    const stands = {
      number,
      outcome,
      next,
      reason: reason.trim(),
      signed: gates.filter((gate) => !gate.met && signed.includes(gate.id)).map((gate) => gate.id),
    };
    const record = recordFor(tx, batch, standing, judged, { ...stands, personId: by.personId, atMs: by.nowMs });
    tx.insert(release)
      .values({
        ...stands,
        batchId,
        gates: gates.map((gate) => ({ ...gate })),
        record: `${JSON.stringify(record, null, 2)}\n`,
        personId: by.personId,
        at: by.nowMs,
      })
      .run();
    if (next !== null) sendBack(tx, batch, standing, { next, way: refusal?.way ?? null }, reason.trim(), by);
    return ok({ number });
  });
}

/** After a refusal: the way back stands before what is next, or after the last step; or the pieces leave. */
function sendBack(
  tx: Db,
  batch: Batch,
  { progress }: BatchStanding,
  { next, way }: ReleaseRefusal,
  reason: string,
  by: By,
): void {
  if (next === 'reject')
    tx.update(piece)
      .set({ leftAt: by.nowMs, leftWhy: `rejected: ${reason}`.slice(0, 200) })
      .where(and(eq(piece.batchId, batch.id), isNull(piece.leftAt)))
      .run();
  else if (way)
    tx.insert(recovery)
      .values({
        clientId: `refused-${batch.id}-${by.nowMs}`,
        batchId: batch.id,
        way,
        beforeTask: progress.next?.task.key ?? AT_THE_END,
        personId: by.personId,
        at: by.nowMs,
      })
      .run();
}

const firstUnmet = (gates: readonly Gate[], signed: readonly GateId[]): string =>
  gates.find((gate) => !gate.met && !(gate.maySign && signed.includes(gate.id)))?.id ?? '';

/** The record of a number as it was signed, word for word; null where there is none, or none was kept. */
export const signedRecord = (db: Db, number: string): { readonly text: string | null } | null => {
  const row = db.select({ text: release.record }).from(release).where(eq(release.number, number)).get();
  return row ?? null;
};

/** What was decided of a batch before, oldest first; the one that stands is the batch's own. */
export const decisionsOf = (db: Db, batchId: number): (typeof release.$inferSelect)[] =>
  db.select().from(release).where(eq(release.batchId, batchId)).orderBy(asc(release.id)).all();

type Price = {
  readonly batchId: number;
  readonly woodMinor: number | null;
  readonly priceMinor: number | null;
  readonly jarLotId: number | null;
};

/** What a batch's pieces cost in wood, which tin goes with them, and what they are to sell for. */
export function setPrice(db: Db, { batchId, ...price }: Price, by: By): Result<void> {
  return command(db, (tx) => {
    if (!loadBatch(tx, batchId, by.nowMs)) return fail('not-found', 'batchId');
    const isTin = price.jarLotId !== null && lotOf(tx, price.jarLotId)?.kind === 'tin';
    if (price.jarLotId !== null && !isTin) return fail('not-found', 'jar');
    tx.insert(batchPrice)
      .values({ batchId, ...price })
      .onConflictDoUpdate({ target: batchPrice.batchId, set: { ...price, version: sql`${batchPrice.version} + 1` } })
      .run();
    return ok(undefined);
  });
}

/** Says that a batch's tags and labels are on; said twice it was said once. */
export function sayLabelled(db: Db, batchId: number, by: By): Result<void> {
  return command(db, (tx) => {
    if (!loadBatch(tx, batchId, by.nowMs)) return fail('not-found', 'batchId');
    tx.insert(labelled).values({ batchId, personId: by.personId, at: by.nowMs }).onConflictDoNothing().run();
    return ok(undefined);
  });
}
