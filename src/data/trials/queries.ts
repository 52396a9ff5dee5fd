import 'server-only';
import { asc, desc, eq, isNull, sql } from 'drizzle-orm';
import type { Result } from '@/core/quantity';
import {
  answerOf,
  fieldsOn,
  kindTraits,
  type Lies,
  type TrialAnswer,
  type TrialFacts,
  type TrialKind,
  type Value,
  valuesOf,
  WEARS,
  type Wear,
} from '@/core/trial';
import type { Db } from '../db';
import { keep } from '../kept';
import {
  batch,
  batchMaterial,
  regimenRevision,
  trial,
  trialCycle,
  trialField,
  trialPicture,
  trialScore,
  trialTreatment,
} from '../schema';

export type TrialRow = typeof trial.$inferSelect;
export type TrialPicture = typeof trialPicture.$inferSelect;
export type TrialScore = typeof trialScore.$inferSelect;
export type Treatment = typeof trialTreatment.$inferSelect & { readonly key: string; readonly regimenId: string };

/** A trial with all that was recorded of it. */
export type Trial = TrialRow & {
  readonly treatments: readonly Treatment[];
  readonly fields: readonly (Lies & { readonly fromMm: number; readonly lengthMm: number })[];
  /** Cycles of each kind of wear, and which one the trial stands at. */
  readonly cycles: Readonly<Record<Wear, number>>;
  readonly cycle: number;
  readonly cycleRows: readonly (typeof trialCycle.$inferSelect)[];
  readonly scores: readonly TrialScore[];
  readonly pictures: readonly TrialPicture[];
  readonly facts: TrialFacts;
  readonly values: readonly Value[];
};

const standingCycles = (db: Db, trialId: number) => {
  const rows = db.select().from(trialCycle).where(eq(trialCycle.trialId, trialId)).orderBy(asc(trialCycle.id)).all();
  const back = new Set(rows.map((row) => row.takesBack));
  return rows.filter((row) => row.takesBack === null && !back.has(row.id));
};

/** The cycle a trial stands at: how often its own wear was counted. */
export const cycleNow = (db: Db, { id, wear }: Pick<TrialRow, 'id' | 'wear'>): number =>
  standingCycles(db, id).filter((row) => row.wear === wear).length;

/** How a treatment is named in what is reckoned: its row. */
const keyOf = (id: number): string => `t${id}`;

function readTrial(db: Db, row: TrialRow): Trial {
  const treatments = db
    .select({ of: trialTreatment, regimenId: regimenRevision.regimenId })
    .from(trialTreatment)
    .innerJoin(batch, eq(batch.id, trialTreatment.batchId))
    .innerJoin(regimenRevision, eq(regimenRevision.id, batch.regimenRevisionId))
    .where(eq(trialTreatment.trialId, row.id))
    .orderBy(asc(trialTreatment.ordinal))
    .all()
    .map(({ of, regimenId }): Treatment => ({ ...of, key: keyOf(of.id), regimenId }));
  const laid = db
    .select()
    .from(trialField)
    .where(eq(trialField.trialId, row.id))
    .orderBy(asc(trialField.board), asc(trialField.place))
    .all();
  const sizes = fieldsOn(
    treatments.map((one) => one.key),
    row.lengthMm,
  );
  const fields = laid.map(({ board, place, treatmentId }) => ({
    board,
    place,
    treatment: keyOf(treatmentId),
    fromMm: sizes.ok ? (sizes.value[place - 1]?.fromMm ?? 0) : 0,
    lengthMm: sizes.ok ? (sizes.value[place - 1]?.lengthMm ?? 0) : 0,
  }));
  const cycleRows = standingCycles(db, row.id);
  const scores = db.select().from(trialScore).where(eq(trialScore.trialId, row.id)).orderBy(asc(trialScore.id)).all();
  const pictures = db.select().from(trialPicture).where(eq(trialPicture.trialId, row.id)).orderBy(asc(trialPicture.id)).all();
  const facts: TrialFacts = {
    lies: fields,
    treatments: treatments.map((one) => one.key),
    bare: treatments.find((one) => one.isBare)?.key ?? '',
    scores: scores.map((one) => ({ ...one, who: one.scorer || String(one.personId) })),
    pictures: pictures.map(({ board, cycle, lamp, reading }) => ({ board, cycle, lamp, fields: reading })),
  };
  const cycles = Object.fromEntries(WEARS.map((wear) => [wear, cycleRows.filter((one) => one.wear === wear).length])) as Record<
    Wear,
    number
  >;
  return {
    ...row,
    treatments,
    fields,
    cycles,
    cycle: cycles[row.wear],
    cycleRows,
    scores,
    pictures,
    facts,
    values: valuesOf(facts),
  };
}

/** How many trials go on. */
export const openTrials = (db: Db): number =>
  keep(db, 'open trials', () => db.select({ id: trial.id }).from(trial).where(isNull(trial.closedAt)).all().length);

/** Every trial, the newest first. */
export const allTrials = (db: Db): Trial[] =>
  keep(db, 'trials', () =>
    db
      .select()
      .from(trial)
      .orderBy(desc(trial.id))
      .all()
      .map((row) => readTrial(db, row)),
  );
export const findTrial = (db: Db, number: string): Trial | null => allTrials(db).find((one) => one.number === number) ?? null;

/** What a trial answers to one of its questions, against its bare field. */
export const answerTo = (of: Trial, kind: TrialKind, against: string | null = of.facts.bare): Result<TrialAnswer> =>
  answerOf(of.facts, of.values, {
    kind,
    ...(against === null ? {} : { against }),
    threshold: kind === of.question ? of.threshold : kindTraits(kind).threshold,
  });

/** Kinds of which at least one value is there, in the order they are asked. */
export const kindsOf = (of: Trial): TrialKind[] => {
  const there = new Set(of.values.map((one) => one.kind));
  return [...new Set([...of.kinds, ...there])].filter((kind) => there.has(kind));
};

/** Trials in which a regimen or a lot was tried, with the treatment; the newest first. */
export function triedWith(
  db: Db,
  asked: { readonly regimenId?: string; readonly lotIds?: readonly number[] },
): { readonly trial: Trial; readonly treatment: Treatment }[] {
  const byLot = new Set(
    asked.lotIds === undefined || asked.lotIds.length === 0
      ? []
      : db
          .selectDistinct({ id: batchMaterial.batchId })
          .from(batchMaterial)
          .where(sql`${batchMaterial.lotId} in ${[...asked.lotIds]}`)
          .all()
          .map((row) => row.id),
  );
  return allTrials(db).flatMap((one) =>
    one.treatments
      .filter(({ isBare, regimenId, batchId }) => !isBare && (regimenId === asked.regimenId || byLot.has(batchId)))
      .map((treatment) => ({ trial: one, treatment })),
  );
}
