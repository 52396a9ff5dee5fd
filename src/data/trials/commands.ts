import 'server-only';
import { and, eq, max, sql } from 'drizzle-orm';
import type { Lab } from '@/core/colour';
import { fail, MS_PER_MINUTE, ok, type Result } from '@/core/quantity';
import { laysCoat, type RegimenStep } from '@/core/regimen';
import { type Bearer, fieldsOn, layFields, rangeOf, type TrialKind, type Wear } from '@/core/trial';
import { allRegimens, findRegimen, type KnownRegimen } from '../catalogue/catalogue';
import { type By, command } from '../command';
import type { Db } from '../db';
import {
  design,
  designRevision,
  logEntry,
  trial,
  trialCycle,
  trialField,
  trialPicture,
  trialScore,
  trialTreatment,
} from '../schema';
import { nextNumber } from '../shop/numbers';
import { lotOf } from '../stores/queries';
import { addDesign, startBatch } from '../work/commands';
import { cycleNow } from './queries';

/** Treatments are lettered in their order: the batch of the second is `T31-01b`. */
const LETTERS = 'abcdefghijkl';
/** The regimen every trial has a field of. */
const BARE = 'bare';

export type NewTrial = {
  readonly name: string;
  readonly question: TrialKind;
  readonly kinds: readonly TrialKind[];
  readonly wear: Wear;
  readonly protocol: string;
  readonly threshold: number;
  readonly bearer: Bearer;
  readonly speciesId: string;
  readonly boards: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly seed: number;
  readonly startAt: number;
  /** Finishes that are tried, the bare field not among them: it always is. */
  readonly treatments: readonly {
    readonly name: string;
    readonly regimenRevisionId: number;
    readonly materials: Readonly<Record<string, number>>;
  }[];
};

/** The size of one field as a shape that batches are reckoned with; the same size is kept once. */
function fieldDesign(tx: Db, lengthMm: number, widthMm: number, nowMs: number): Result<number> {
  const [long, wide] = [Math.round(lengthMm), Math.round(widthMm)];
  const name = `Test field ${long} × ${wide} mm`;
  const known = tx
    .select({ id: designRevision.id })
    .from(designRevision)
    .innerJoin(design, eq(design.id, designRevision.designId))
    .where(eq(design.name, name))
    .get();
  if (known) return ok(known.id);
  const geometry = { shape: 'plain', areaMm2: long * wide, endGrainShare: 0 } as const;
  const made = addDesign(tx, { name, geometry, uses: ['display'], tableware: false }, nowMs);
  if (!made.ok) return made;
  tx.update(design).set({ isField: true }).where(eq(design.id, made.value.id)).run();
  return ok(made.value.revisionId);
}

/** What is done to the wood before its first coat. */
const prepOf = (steps: readonly RegimenStep[]): readonly RegimenStep[] => {
  const first = steps.findIndex(laysCoat);
  return first < 0 ? [] : steps.slice(0, first).filter((step) => step.kind !== 'warm');
};

/** All treatments lie on one board, so it is prepared once, with its bare field: nobody sands the same board four times for the book. */
function leaveOutPrep(tx: Db, batchId: number, regimen: KnownRegimen, pieces: number, by: By): void {
  prepOf(regimen.steps).forEach((step, i) => {
    tx.insert(logEntry)
      .values({
        clientId: `trial-${batchId}-${step.id}`,
        batchId,
        kind: 'left-out',
        task: step.id,
        pieces,
        personId: by.personId,
        at: by.nowMs + i,
        recordedAt: by.nowMs,
        device: 'shop',
        deviceSequence: i,
        seen: 'the board is prepared once, with its bare field',
      })
      .run();
  });
}

/** Minutes until a board that is prepared may take its first coat. */
const prepMin = ({ steps }: KnownRegimen, boards: number): number =>
  steps.reduce((sum, step) => sum + step.setupMin + boards * step.perPieceMin + step.wait.ideal, 0);

/** Lays a trial out: its fields in a fair order, a batch for each treatment and one for the bare fields. */
export function startTrial(db: Db, input: NewTrial, by: By): Result<{ readonly id: number; readonly number: string }> {
  return command(db, (tx) => {
    const bare = allRegimens(tx).find((one) => one.id === BARE);
    if (!bare) return fail('not-found', 'treatments');
    if (input.treatments.length === 0) return fail('required', 'treatments');
    if ((input.bearer === 'halves' || input.bearer === 'spoon') && input.treatments.length > 1)
      return fail('invalid', 'bearer', { detail: 'one finish, for the other half is bare; for more take boards' });
    const tried = [{ name: 'Bare', regimenRevisionId: bare.revisionId, materials: {} }, ...input.treatments];
    const laid = layFields(
      tried.map((_, i) => String(i)),
      input.boards,
      input.seed,
    );
    if (!laid.ok) return laid;
    const sizes = fieldsOn(laid.value[0] ?? [], input.lengthMm);
    if (!sizes.ok) return sizes;
    const [first] = sizes.value;
    const size = fieldDesign(tx, first?.lengthMm ?? 0, input.widthMm, by.nowMs);
    if (!size.ok) return size;
    const number = nextNumber(tx, { table: trial, column: trial.number, prefix: 'T', digits: 2 }, by.nowMs);
    const { treatments: _, startAt, ...facts } = input;
    const { id } = tx
      .insert(trial)
      .values({ ...facts, number, kinds: [...new Set([input.question, ...input.kinds])], personId: by.personId, at: by.nowMs })
      .returning({ id: trial.id })
      .get();
    const ids: number[] = [];
    for (const [i, { name, regimenRevisionId, materials }] of tried.entries()) {
      const regimen = findRegimen(tx, regimenRevisionId);
      if (!regimen) return fail('not-found', `treatments.${i - 1}.regimenRevisionId`);
      const begun = startBatch(
        tx,
        {
          designRevisionId: size.value,
          speciesId: input.speciesId,
          origin: 'bought',
          pieces: input.boards,
          regimenRevisionId,
          materials,
          startAt: i === 0 ? startAt : startAt + prepMin(bare, input.boards) * MS_PER_MINUTE,
          dueAt: null,
          uses: ['display'],
          numbered: `${number}${LETTERS[i]}`,
        },
        by,
      );
      if (!begun.ok)
        return { ok: false, issues: begun.issues.map((issue) => ({ ...issue, path: `treatments.${i - 1}.${issue.path}` })) };
      if (i > 0) leaveOutPrep(tx, begun.value.id, regimen, input.boards, by);
      const row = {
        trialId: id,
        ordinal: i,
        name: name.trim() || plainName(tx, regimen, materials),
        isBare: i === 0,
        batchId: begun.value.id,
      };
      ids.push(tx.insert(trialTreatment).values(row).returning({ id: trialTreatment.id }).get().id);
    }
    const fields = laid.value.flatMap((order, board) =>
      order.map((at, place) => ({ trialId: id, board: board + 1, place: place + 1, treatmentId: ids[Number(at)] ?? 0 })),
    );
    tx.insert(trialField).values(fields).run();
    return ok({ id, number });
  });
}

/** What a treatment is called where nobody said: its regimen, with what it is done with. */
function plainName(tx: Db, regimen: KnownRegimen, materials: Readonly<Record<string, number>>): string {
  const titles = regimen.slots.flatMap(({ slot }) => lotOf(tx, materials[slot] ?? 0)?.title ?? []);
  return titles.length > 0 ? `${regimen.name}: ${titles.join(', ')}` : regimen.name;
}

type TrialRow = typeof trial.$inferSelect;

/** A trial that still goes on. */
function goingOn(tx: Db, trialId: number): Result<TrialRow> {
  const row = tx.select().from(trial).where(eq(trial.id, trialId)).get();
  if (!row) return fail('not-found', 'trialId');
  return row.closedAt === null ? ok(row) : fail('trial-closed', '');
}

/** One cycle more, by one touch. */
export function countCycle(
  db: Db,
  input: { readonly clientId: string; readonly trialId: number; readonly wear: Wear; readonly note: string },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const known = tx.select().from(trialCycle).where(eq(trialCycle.clientId, input.clientId)).get();
    if (known) return ok(undefined);
    const found = goingOn(tx, input.trialId);
    if (!found.ok) return found;
    tx.insert(trialCycle)
      .values({ ...input, note: input.note.trim(), personId: by.personId, at: by.nowMs })
      .run();
    return ok(undefined);
  });
}

/** The last cycle of a kind was counted by mistake. */
export function takeCycleBack(
  db: Db,
  { clientId, trialId, wear }: { readonly clientId: string; readonly trialId: number; readonly wear: Wear },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const known = tx.select().from(trialCycle).where(eq(trialCycle.clientId, clientId)).get();
    if (known) return ok(undefined);
    const found = goingOn(tx, trialId);
    if (!found.ok) return found;
    const last = tx
      .select({ id: max(trialCycle.id) })
      .from(trialCycle)
      .where(
        and(
          eq(trialCycle.trialId, trialId),
          eq(trialCycle.wear, wear),
          sql`${trialCycle.takesBack} is null`,
          sql`${trialCycle.id} not in (select takes_back from trial_cycle where takes_back is not null)`,
        ),
      )
      .get();
    if (last?.id == null) return fail('no-cycle', '');
    tx.insert(trialCycle).values({ clientId, trialId, wear, takesBack: last.id, personId: by.personId, at: by.nowMs }).run();
    return ok(undefined);
  });
}

export type NewScore = {
  readonly clientId: string;
  readonly board: number;
  readonly place: number;
  readonly kind: TrialKind;
  readonly value: number;
};

/** Scores at the cycle the trial stands at; each is taken once however often it is sent. */
export function score(
  db: Db,
  input: {
    readonly trialId: number;
    readonly blind: boolean;
    readonly scorer: string;
    readonly scores: readonly NewScore[];
  },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const found = goingOn(tx, input.trialId);
    if (!found.ok) return found;
    const cycle = cycleNow(tx, found.value);
    for (const [i, { clientId, board, place, kind, value }] of input.scores.entries()) {
      const [least, most] = rangeOf(kind);
      if (!(value >= least && value <= most)) return fail('not-a-score', `scores.${i}.value`, { least, most });
      const field = tx
        .select()
        .from(trialField)
        .where(and(eq(trialField.trialId, input.trialId), eq(trialField.board, board), eq(trialField.place, place)))
        .get();
      if (!field) return fail('not-found', `scores.${i}.place`);
      tx.insert(trialScore)
        .values({
          clientId,
          trialId: input.trialId,
          board,
          place,
          cycle,
          kind,
          value,
          blind: input.blind,
          scorer: input.scorer.trim(),
          personId: by.personId,
          at: by.nowMs,
        })
        .onConflictDoNothing({ target: trialScore.clientId })
        .run();
    }
    return ok(undefined);
  });
}

/** A picture of a board at the cycle the trial stands at, with what was read of it. */
export function keepPicture(
  db: Db,
  input: {
    readonly clientId: string;
    readonly trialId: number;
    readonly board: number;
    readonly lamp: 'even' | 'low';
    readonly photo: string;
    readonly corners: [number, number][];
    readonly reading: readonly { readonly place: number; readonly lab: Lab; readonly bright: number }[];
  },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const found = goingOn(tx, input.trialId);
    if (!found.ok) return found;
    if (input.board < 1 || input.board > found.value.boards) return fail('not-found', 'board');
    tx.insert(trialPicture)
      .values({
        ...input,
        reading: input.reading.map(({ place, lab, bright }) => ({ place, lab: [lab[0], lab[1], lab[2]], bright })),
        cycle: cycleNow(tx, found.value),
        personId: by.personId,
        at: by.nowMs,
      })
      .onConflictDoNothing({ target: trialPicture.clientId })
      .run();
    return ok(undefined);
  });
}

/** A trial is over, or given up, with what was made of it; its batches are open no more. Open again: why null. */
export function closeTrial(
  db: Db,
  { trialId, base, why }: { readonly trialId: number; readonly base: number; readonly why: string | null },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const row = tx.select().from(trial).where(eq(trial.id, trialId)).get();
    if (!row) return fail('not-found', 'trialId');
    if (row.version !== base) return fail('stale', '');
    if (why !== null && why.trim() === '') return fail('reason-needed', 'why');
    tx.update(trial)
      .set({ closedAt: why === null ? null : by.nowMs, closedWhy: why?.trim() ?? '', version: row.version + 1 })
      .where(eq(trial.id, trialId))
      .run();
    return ok(undefined);
  });
}
