import 'server-only';
import { and, asc, eq, isNotNull, sql } from 'drizzle-orm';
import type { Db } from '../db';
import { keep } from '../kept';
import { trial, trialField, trialTreatment } from '../schema';
import { statement } from '../statement';

/** What a batch is in a trial: its treatment, and the tags of the fields it lies on. */
export type TrialOf = {
  readonly number: string;
  readonly name: string;
  readonly treatment: string;
  readonly closed: boolean;
  readonly tags: readonly string[];
};

const treatmentOf = statement((db) =>
  db
    .select({
      id: trialTreatment.id,
      number: trial.number,
      name: trial.name,
      treatment: trialTreatment.name,
      closedAt: trial.closedAt,
    })
    .from(trialTreatment)
    .innerJoin(trial, eq(trial.id, trialTreatment.trialId))
    .where(eq(trialTreatment.batchId, sql.placeholder('id')))
    .prepare(),
);

/** Which trial a batch is a treatment of; null where it is none. */
export function trialOfBatch(db: Db, batchId: number): TrialOf | null {
  const row = treatmentOf(db).get({ id: batchId });
  if (!row) return null;
  const fields = db.select().from(trialField).where(eq(trialField.treatmentId, row.id)).orderBy(asc(trialField.board)).all();
  return {
    number: row.number,
    name: row.name,
    treatment: row.treatment,
    closed: row.closedAt !== null,
    tags: fields.map(({ board, place }) => `${board}·${place}`),
  };
}

/** Batches that are treatments of trials: outside sale and outside what the shop learns from. */
export const trialBatchIds = (db: Db): ReadonlySet<number> =>
  keep(
    db,
    'trial batches',
    () =>
      new Set(
        db
          .select({ id: trialTreatment.batchId })
          .from(trialTreatment)
          .all()
          .map((row) => row.id),
      ),
  );

/** Batches of trials that are closed: nothing is left to do to them. */
export const closedTrialBatches = (db: Db): readonly number[] =>
  db
    .select({ id: trialTreatment.batchId })
    .from(trialTreatment)
    .innerJoin(trial, and(eq(trial.id, trialTreatment.trialId), isNotNull(trial.closedAt)))
    .all()
    .map((row) => row.id);
