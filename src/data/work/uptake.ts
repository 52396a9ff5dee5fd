import 'server-only';
import { and, asc, eq, gt, inArray, isNotNull, sql } from 'drizzle-orm';
import { isOfRegimen, readTaskKey } from '@/core/batch';
import { coatGrams, type FinishClass, type UptakeFactor, uptakeFactors, type WeighedPiece } from '@/core/piece';
import { fail, ok, type Result } from '@/core/quantity';
import { findDesign } from '../catalogue/catalogue';
import { findWood } from '../catalogue/woods';
import { type By, command } from '../command';
import type { Db } from '../db';
import { batch, logEntry, massReading, piece, regimenStep } from '../schema';
import { trialBatchIds } from './trial-of';

const kept = new WeakMap<Db, { readonly key: string; readonly factors: readonly UptakeFactor[] }>();

/** What a record's coat was estimated at for one piece, by the shipped figures. */
function estimator(db: Db) {
  const steps = db.select().from(regimenStep).where(isNotNull(regimenStep.coatClass)).all();
  const rows = new Map(
    db
      .select()
      .from(batch)
      .all()
      .map((row) => [row.id, row]),
  );
  const trials = trialBatchIds(db);
  const mixed = new Set(
    db
      .selectDistinct({ id: piece.batchId })
      .from(piece)
      .where(isNotNull(piece.designRevisionId))
      .all()
      .map((row) => row.id),
  );
  return (
    batchId: number,
    task: string,
  ): { readonly species: string; readonly finishClass: FinishClass; readonly perPieceG: number } | null => {
    const of = rows.get(batchId);
    // A coat more stands for the one it repeats.
    const key = readTaskKey(task);
    const step = isOfRegimen(task)
      ? steps.find((one) => one.revisionId === of?.regimenRevisionId && one.id === key.step)
      : undefined;
    const design = of && findDesign(db, of.designRevisionId);
    const species = of && findWood(db, of.speciesId);
    // Unlike pieces drink unlike, and a trial’s fields are no ware: of them nothing is learned.
    if (!design || !species || !step?.coatClass || mixed.has(batchId) || trials.has(batchId)) return null;
    const perPieceG = coatGrams(
      { ...design.area, porosity: species.porosity },
      step.coatClass,
      (step.coat ?? 1) + key.added.length,
    );
    return { species: species.id, finishClass: step.coatClass, perPieceG };
  };
}

/** Every weighing there is: tins before and after a coat, and single pieces. */
function weighings(db: Db): WeighedPiece[] {
  const estimate = estimator(db);
  const fixed = db.select({ id: logEntry.corrects }).from(logEntry).where(isNotNull(logEntry.corrects));
  const tins = db
    .select()
    .from(logEntry)
    .where(
      and(
        eq(logEntry.gramsEstimated, false),
        gt(logEntry.grams, 0),
        inArray(logEntry.kind, ['done', 'correction']),
        sql`${logEntry.clientId} not in ${fixed}`,
      ),
    )
    .all();
  const pieces = db.select().from(massReading).where(isNotNull(massReading.afterG)).all();
  return [
    ...tins.map((row) => ({ ...row, measuredG: row.grams ?? 0 })),
    ...pieces.map((row) => ({ ...row, pieces: 1, measuredG: (row.afterG ?? 0) - row.beforeG })),
  ].flatMap((row) => {
    const of = estimate(row.batchId, row.task);
    return of
      ? [{ species: of.species, finishClass: of.finishClass, estimatedG: of.perPieceG * row.pieces, measuredG: row.measuredG }]
      : [];
  });
}

/** The shop's own uptake factors, reckoned anew when something was weighed. */
export function shopUptake(db: Db): readonly UptakeFactor[] {
  // Only weighings count, and corrections, which may have changed one.
  const last = db.get<{ a: number; b: number }>(
    sql`select (select count(*) from ${logEntry} where (${logEntry.gramsEstimated} = 0 and ${logEntry.grams} > 0) or ${logEntry.corrects} is not null) as a,
      (select count(${massReading.afterG}) from ${massReading}) as b`,
  );
  const key = `${last.a}.${last.b}`;
  const known = kept.get(db);
  if (known?.key === key) return known.factors;
  const factors = uptakeFactors(weighings(db));
  kept.set(db, { key, factors });
  return factors;
}

type Weighing = {
  readonly clientId: string;
  readonly batchId: number;
  readonly pieceId: number;
  readonly task: string;
  readonly beforeG: number;
};

/** A piece on the scale before a coat. */
export function weighBefore(db: Db, input: Weighing, by: By): Result<{ readonly id: number }> {
  return command(db, (tx) => {
    const known = tx.select().from(massReading).where(eq(massReading.clientId, input.clientId)).get();
    if (known) return ok({ id: known.id });
    if (
      !tx
        .select()
        .from(piece)
        .where(and(eq(piece.id, input.pieceId), eq(piece.batchId, input.batchId)))
        .get()
    )
      return fail('no-such-piece', 'piece', { tag: '' });
    return ok(
      tx
        .insert(massReading)
        .values({ ...input, personId: by.personId, at: by.nowMs })
        .returning({ id: massReading.id })
        .get(),
    );
  });
}

/** The same piece after the coat was wiped. */
export function weighAfter(db: Db, { id, afterG }: { readonly id: number; readonly afterG: number }): Result<void> {
  return command(db, (tx) => {
    const row = tx.select().from(massReading).where(eq(massReading.id, id)).get();
    if (!row) return fail('not-found', 'id');
    if (afterG < row.beforeG) return fail('lighter-after', 'after');
    tx.update(massReading).set({ afterG }).where(eq(massReading.id, id)).run();
    return ok(undefined);
  });
}

export type MassRow = typeof massReading.$inferSelect & { readonly ordinal: number; readonly tag: string | null };

/** The weighings of a batch's pieces, oldest first. */
export const massReadings = (db: Db, batchId: number): MassRow[] =>
  db
    .select()
    .from(massReading)
    .innerJoin(piece, eq(piece.id, massReading.pieceId))
    .where(eq(piece.batchId, batchId))
    .orderBy(asc(massReading.at))
    .all()
    .map((row) => ({ ...row.mass_reading, ordinal: row.piece.ordinal, tag: row.piece.tag }));
