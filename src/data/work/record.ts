import 'server-only';
import { and, eq } from 'drizzle-orm';
import { clothHazard, makesCloths, worstHazard } from '@/core/cloths';
import { coatGrams, factorFor } from '@/core/piece';
import { fail, formatInstant, ok, type Result } from '@/core/quantity';
import type { Fault, Task } from '@/core/regimen';
import { type By, command, isAhead } from '../command';
import type { Db } from '../db';
import { batch as batchTable, checkEntry, logEntry, movement, place, placement, restoration } from '../schema';
import { type Cloth, growRagLine, shrinkRagLine } from '../rags/commands';
import { theShop } from '../shop/queries';
import { move } from '../stores/commands';
import { withdrawCaused } from './recover';
import { type Batch, loadBatch, type LogEntry } from './batch';
import type { KnownLot } from '../stores/queries';
import { progressOfBatch } from './standing';

/** One thing done, as a device reports it. `queued` says that it was written down while the server was out of reach. */
export type Report = {
  readonly clientId: string;
  readonly batchId: number;
  readonly kind: 'done' | 'left-out';
  readonly task: string;
  readonly at: number;
  readonly device: string;
  readonly deviceSequence: number;
  readonly clockOffsetMs: number;
  readonly queued: boolean;
  readonly grams: number | null;
  readonly tempC: number | null;
  readonly rh: number | null;
  readonly pass: boolean | null;
  readonly seen: string;
  /** What was seen amiss and on which surface. */
  readonly faults?: readonly { readonly fault: Fault; readonly surface: string }[];
  /** The hash of a photo that was kept beside the database. */
  readonly photo?: string | null;
};

export type Recorded = { readonly stored: 'new' | 'already'; readonly clientId: string };

/** What one task is reckoned to take of its slot's lot, grams for all its pieces. */
export const estimatedGrams = (
  batch: Pick<Batch, 'design' | 'species' | 'uptake'>,
  { step, pieces }: Pick<Task, 'step' | 'pieces'>,
): number =>
  step.slot && step.coatClass
    ? coatGrams({ ...batch.design.area, porosity: batch.species.porosity }, step.coatClass, step.coat ?? 1) *
      (factorFor(batch.uptake, batch.species.id, step.coatClass)?.factor ?? 1) *
      pieces
    : 0;

/** Whether a live report comes when it can: it is what is next, after what was last, and not in the future. */
function fits(tx: Db, batch: Batch, report: Report, nowMs: number): Result<Task> {
  const { tasks, progress } = progressOfBatch(batch);
  const task = tasks.find((one) => one.key === report.task);
  if (!task) return fail('not-found', 'task');
  if (isAhead(report.at, { nowMs })) return fail('in-the-future', 'at');
  if (report.kind === 'left-out' && !task.step.optional) return fail('not-optional', 'task');
  if (report.kind === 'done' && task.step.until && report.pass === null) return fail('check-needs-outcome', 'pass');
  if (report.queued) return ok(task);
  const isDone = progress.done.some((done) => done.task.key === report.task);
  if (progress.next?.task.key !== report.task)
    return fail('not-next', 'task', { action: task.step.action, next: isDone ? '' : (progress.next?.task.step.action ?? '') });
  const last = progress.done.at(-1);
  if (last && report.at < last.fact.atMs)
    return fail('before-last', 'at', { last: formatInstant(last.fact.atMs, theShop(tx).zone).slice(0, 16).replace('T', ' ') });
  return ok(task);
}

/** Lots that were given to a batch before a moment, the last one first; the one of a task that is a coat itself comes before them. */
function lotsOn(batch: Batch, task: Task, at: number): KnownLot[] {
  const own = task.step.slot ? batch.materials[task.step.slot] : undefined;
  const given = batch.book
    .filter(({ stands }) => stands !== null && stands.kind !== 'left-out' && stands.lotId !== null && stands.at <= at)
    .reverse()
    .flatMap(({ stands }) => Object.values(batch.materials).find((lot) => lot.id === stands?.lotId) ?? []);
  return [...(own ? [own] : []), ...given];
}

/** What an act's cloths hold: of a coat its lot, of a wipe or a buff what was given last, of oily dust the worst of all that is on. */
function clothsOf(tx: Db, batch: Batch, task: Task, at: number): Pick<Cloth, 'hazard' | 'vapour'> | null {
  const lots = lotsOn(batch, task, at);
  const isOld = tx.select().from(restoration).where(eq(restoration.batchId, batch.id)).get() !== undefined;
  if (!makesCloths(task.step.kind, lots.length > 0 || isOld)) return null;
  const isDust = task.step.kind === 'sand' || task.step.kind === 'scuff';
  const on = isDust ? lots : lots.slice(0, 1);
  if (on.length === 0 && !isDust) return null;
  const hazards = on.map((lot) =>
    clothHazard({ ragHazard: lot.nature?.ragHazard ?? null, undeclared: lot.undeclared.length > 0 }),
  );
  return {
    // Nobody knows what a piece that comes home was finished with before.
    hazard: worstHazard(isDust && isOld ? [...hazards, 'self-heating'] : hazards),
    vapour: on.some((lot) => lot.nature?.flammable ?? true),
  };
}

/** Where the pieces go after a step, when it says. */
function follow(tx: Db, batch: Batch, task: Task, at: number): void {
  if (!task.step.place || task.step.place === batch.place?.kind) return;
  const to = tx.select().from(place).where(eq(place.kind, task.step.place)).get();
  if (to) tx.insert(placement).values({ batchId: batch.id, placeId: to.id, at }).run();
}

/**
 * Writes one report into the coat book, once, however often it is sent. A coat draws on its lot and adds to the rag line;
 * a check step is also a check of the cure. Queued reports keep their own time and may come before their forerunner does.
 */
export function recordEntry(db: Db, report: Report, by: By): Result<Recorded> {
  return command<Recorded>(db, (tx) => {
    if (tx.select().from(logEntry).where(eq(logEntry.clientId, report.clientId)).get())
      return ok({ stored: 'already', clientId: report.clientId });
    const batch = loadBatch(tx, report.batchId, by.nowMs);
    if (!batch) return fail('not-found', 'batchId');
    if (batch.release) return fail('already-decided', 'batchId');
    const fitting = fits(tx, batch, report, by.nowMs);
    if (!fitting.ok) return fitting;
    const task = fitting.value;
    const lot = task.step.slot ? batch.materials[task.step.slot] : undefined;
    const isCoat = report.kind === 'done' && lot !== undefined;
    const grams = isCoat ? (report.grams ?? estimatedGrams(batch, task)) : null;
    const { rh, queued: _, faults = [], photo = null, ...facts } = report;
    withdrawCaused(tx, batch, report.task, report.at, by);
    tx.insert(logEntry)
      .values({
        ...facts,
        faults,
        photo,
        rhFraction: rh,
        grams,
        gramsEstimated: isCoat && report.grams === null,
        pieces: task.pieces,
        lotId: lot?.id ?? null,
        personId: by.personId,
        recordedAt: by.nowMs,
      })
      .run();
    if (isCoat) {
      const drawn = move(tx, { lotId: lot.id, grams: -(grams ?? 0), why: 'coat', entry: report.clientId, at: report.at }, by);
      if (!drawn.ok) return drawn;
    }
    const cloths = report.kind === 'done' ? clothsOf(tx, batch, task, report.at) : null;
    if (cloths) growRagLine(tx, { of: { batchId: batch.id }, entry: report.clientId, ...cloths, at: report.at }, by);
    if (report.kind === 'done') follow(tx, batch, task, report.at);
    if (task.step.until && report.pass !== null) {
      tx.insert(checkEntry)
        .values({
          clientId: report.clientId,
          batchId: batch.id,
          kind: task.step.until,
          pass: report.pass,
          note: report.seen,
          personId: by.personId,
          at: report.at,
        })
        .run();
    }
    return ok({ stored: 'new', clientId: report.clientId });
  });
}

const numberOf = (tx: Db, id: number): string =>
  tx.select({ number: batchTable.number }).from(batchTable).where(eq(batchTable.id, id)).get()?.number ?? '';

/** Gives back what an entry drew, by a movement of its own. */
function giveBack(tx: Db, entry: string, cause: string, by: By): Result<void> {
  for (const row of tx.select().from(movement).where(eq(movement.entry, entry)).all()) {
    const back = move(tx, { lotId: row.lotId, grams: -row.grams, why: 'correction', entry: cause }, by);
    if (!back.ok) return back;
  }
  return ok(undefined);
}

type Back = { readonly clientId: string; readonly batchId: number; readonly device: string; readonly deviceSequence: number };

type Stood = { readonly entry: LogEntry; readonly stands: LogEntry };

/** Strikes an entry through: it stays readable, what it drew is given back, and its cloth leaves the rag line. */
function strikeOut(tx: Db, back: Back, { entry, stands }: Stood, by: By): Result<void> {
  tx.insert(logEntry)
    .values({
      ...back,
      kind: 'undo',
      task: entry.task,
      pieces: entry.pieces,
      at: by.nowMs,
      recordedAt: by.nowMs,
      personId: by.personId,
      corrects: stands.clientId,
    })
    .run();
  shrinkRagLine(tx, entry.clientId);
  return giveBack(tx, stands.clientId, back.clientId, by);
}

/** Takes the last thing done back: it stays in the book struck through, and what it drew is given back. */
export function undoLast(db: Db, input: Back, by: By): Result<{ readonly undone: string }> {
  return command(db, (tx) => {
    if (tx.select().from(logEntry).where(eq(logEntry.clientId, input.clientId)).get()) return ok({ undone: '' });
    const batch = loadBatch(tx, input.batchId, by.nowMs);
    if (!batch) return fail('not-found', 'batchId');
    if (batch.release) return fail('already-decided', 'batchId');
    const { progress } = progressOfBatch(batch);
    const last = progress.done.at(-1);
    const standing = batch.book.find(({ entry }) => entry.clientId === last?.fact.id);
    if (!last || !standing?.stands) return fail('nothing-to-undo', 'batchId');
    const { entry, stands } = standing;
    if (entry.batchId !== batch.id) return fail('recorded-elsewhere', 'batchId', { number: numberOf(tx, entry.batchId) });
    const struck = strikeOut(tx, input, { entry, stands }, by);
    if (!struck.ok) return struck;
    tx.delete(checkEntry)
      .where(and(eq(checkEntry.clientId, entry.clientId), eq(checkEntry.batchId, batch.id)))
      .run();
    return ok({ undone: last.task.step.done });
  });
}

/** Strikes a record that fits nowhere: the same thing was recorded twice, from two devices. */
export function strikeWaiting(db: Db, input: Back & { readonly entry: string }, by: By): Result<void> {
  return command(db, (tx) => {
    const { entry: which, ...back } = input;
    if (tx.select().from(logEntry).where(eq(logEntry.clientId, input.clientId)).get()) return ok(undefined);
    const batch = loadBatch(tx, input.batchId, by.nowMs);
    const fact = batch && progressOfBatch(batch).progress.waiting.find((one) => one.id === which);
    const standing = batch?.book.find(({ entry }) => entry.clientId === which);
    if (!fact || !standing?.stands) return fail('not-found', 'entry');
    const { entry, stands } = standing;
    return strikeOut(tx, back, { entry, stands }, by);
  });
}

type Correction = Back & { readonly corrects: string; readonly at: number; readonly grams: number | null; readonly seen: string };

/** Strikes an entry through and writes what it should have said; the first stays readable. */
export function correctEntry(db: Db, input: Correction, by: By): Result<void> {
  return command(db, (tx) => {
    if (tx.select().from(logEntry).where(eq(logEntry.clientId, input.clientId)).get()) return ok(undefined);
    const batch = loadBatch(tx, input.batchId, by.nowMs);
    const standing = batch?.book.find(
      ({ entry, stands }) => stands && (entry.clientId === input.corrects || stands.clientId === input.corrects),
    );
    if (!batch || !standing?.stands) return fail('not-found', 'corrects');
    if (standing.entry.batchId !== batch.id)
      return fail('recorded-elsewhere', 'batchId', { number: numberOf(tx, standing.entry.batchId) });
    if (batch.release) return fail('already-decided', 'batchId');
    if (isAhead(input.at, by)) return fail('in-the-future', 'at');
    const { stands } = standing;
    const back = giveBack(tx, stands.clientId, input.clientId, by);
    if (!back.ok) return back;
    const { id: __, ...before } = stands;
    const grams = stands.lotId === null ? null : (input.grams ?? stands.grams);
    tx.insert(logEntry)
      .values({
        ...before,
        ...input,
        grams,
        kind: 'correction',
        corrects: stands.clientId,
        recordedAt: by.nowMs,
        personId: by.personId,
        gramsEstimated: input.grams === null && stands.gramsEstimated,
      })
      .run();
    if (stands.lotId !== null && grams) {
      const drawn = move(tx, { lotId: stands.lotId, grams: -grams, why: 'coat', entry: input.clientId, at: input.at }, by);
      if (!drawn.ok) return drawn;
    }
    const again = loadBatch(tx, input.batchId, by.nowMs);
    return again && progressOfBatch(again).progress.waiting.length > 0
      ? fail('before-last', 'at', { last: 'the steps beside it' })
      : ok(undefined);
  });
}
