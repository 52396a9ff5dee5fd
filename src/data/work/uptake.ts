import 'server-only';
import { and, asc, desc, eq, gt, inArray, isNotNull, sql } from 'drizzle-orm';
import { isOfRegimen, readTaskKey } from '@/core/batch';
import { coatGrams, type FinishClass, type UptakeFactor, uptakeFactors, type WeighedPiece } from '@/core/piece';
import { fail, ok, type Result } from '@/core/quantity';
import { findDesign } from '../catalogue/catalogue';
import { findWood } from '../catalogue/woods';
import { type By, command } from '../command';
import type { Db } from '../db';
import { keep, keepUntilMore } from '../kept';
import { batch, logEntry, massReading, piece, regimenStep } from '../schema';
import { trialBatchIds } from './trial-of';

/** Weighings of the last so many coats and pieces say how the shop's wood drinks; what was weighed before them says no more. Source: working bound. */
const LATEST = 2000;

/** What was weighed, or puts something right: in the words of its index. */
const WEIGHED = sql`(("grams_estimated" = 0 and "grams" > 0) or "corrects" is not null)`;

/** What a record's coat was estimated at for one piece, by the shipped figures. */
function estimator(db: Db) {
  const steps = db.select().from(regimenStep).where(isNotNull(regimenStep.coatClass)).all();
  const rows = new Map<number, typeof batch.$inferSelect | undefined>();
  const rowOf = (id: number): typeof batch.$inferSelect | undefined => {
    if (!rows.has(id)) rows.set(id, db.select().from(batch).where(eq(batch.id, id)).get());
    return rows.get(id);
  };
  const trials = trialBatchIds(db);
  const isMixed = (id: number): boolean =>
    db
      .select({ id: piece.id })
      .from(piece)
      .where(and(eq(piece.batchId, id), isNotNull(piece.designRevisionId)))
      .limit(1)
      .get() !== undefined;
  return (
    batchId: number,
    task: string,
  ): { readonly species: string; readonly finishClass: FinishClass; readonly perPieceG: number } | null => {
    const of = rowOf(batchId);
    // A coat more stands for the one it repeats.
    const key = readTaskKey(task);
    const step = isOfRegimen(task)
      ? steps.find((one) => one.revisionId === of?.regimenRevisionId && one.id === key.step)
      : undefined;
    const design = of && findDesign(db, of.designRevisionId);
    const species = of && findWood(db, of.speciesId);
    // Unlike pieces drink unlike, and a trial’s fields are no ware: of them nothing is learned.
    if (!design || !species || !step?.coatClass || isMixed(batchId) || trials.has(batchId)) return null;
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
  const tins = db
    .select()
    .from(logEntry)
    .where(
      and(
        WEIGHED,
        eq(logEntry.gramsEstimated, false),
        gt(logEntry.grams, 0),
        inArray(logEntry.kind, ['done', 'correction']),
        sql`not exists (select 1 from ${logEntry} as "fix" where "fix"."corrects" = ${logEntry.clientId})`,
      ),
    )
    .orderBy(desc(logEntry.id))
    .limit(LATEST)
    .all()
    .reverse();
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

/** How far weighings were read: only they count, and corrections, which may have changed one. */
const weighedLast = (db: Db): string =>
  keep(db, 'weighed last', () => {
    const { a, b } = db.get<{ a: number | null; b: number }>(
      sql`select (select max("id") from ${logEntry} where ${WEIGHED}) as a,
        (select count(${massReading.afterG}) from ${massReading}) as b`,
    );
    return `${a}.${b}`;
  });

/** The shop's own uptake factors, computed anew when something was weighed. */
export const shopUptake = (db: Db): readonly UptakeFactor[] =>
  keepUntilMore(db, 'uptake', weighedLast(db), () => uptakeFactors(weighings(db)));

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
