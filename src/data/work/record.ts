import 'server-only';
import { eq } from 'drizzle-orm';
import type { Fault, Progress, Task } from '@/core/batch';
import { clothHazard, makesCloths, worstHazard } from '@/core/cloths';
import { areaOf, factorFor, type Surface, volumeMl } from '@/core/piece';
import { fail, formatInstant, ok, type Result } from '@/core/quantity';
import { abrades, gramsPerPiece, type RegimenStep, USUAL_DENSITY } from '@/core/regimen';
import { type By, command, isAhead } from '../command';
import type { Db } from '../db';
import { type Cloth, growRagLine } from '../rags/commands';
import { checkEntry, logEntry, place, placement, restoration } from '../schema';
import { theShop } from '../shop/queries';
import { move } from '../stores/commands';
import { type KnownLot, leftOf } from '../stores/queries';
import { type Batch, loadBatch, lotAt } from './batch';
import { takeLot } from './changes';
import { withdrawCaused } from './recover';
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
  readonly faults?: readonly {
    readonly fault: Fault;
    readonly surface: string;
    readonly at?: readonly [number, number] | null | undefined;
    readonly piece?: string | null | undefined;
  }[];
  /** The hash of a photo that was kept beside the database. */
  readonly photo?: string | null;
  /** Its lot ran out within the coat: the rest, and the coats after it, come from this one; so many grams of it, null where not weighed. */
  readonly nextLot?: { readonly lotId: number; readonly grams: number | null } | null;
  /** A time that looks wrong (before its lot was there, before its batch began) was asked about, and is right. */
  readonly sure?: boolean;
};

export type Recorded = { readonly stored: 'new' | 'already'; readonly clientId: string };

type Estimated = Pick<Batch, 'design' | 'species' | 'kinds' | 'uptake' | 'regimen' | 'materials'>;

/** What one task is reckoned to take of its slot's lot, grams for all its pieces; of unlike pieces each kind by its own. */
export function estimatedGrams(batch: Estimated, { step, pieces }: Pick<Task, 'step' | 'pieces'>): number {
  if (!step.slot || !step.coatClass) return 0;
  const kinds = batch.kinds.map((kind) => ({ kind, count: kind.pieces.filter((one) => one.leftAt === null).length }));
  const all = kinds.reduce((sum, one) => sum + one.count, 0);
  if (all === 0 || kinds.length === 1) return gramsOfOne(batch, batch, step) * pieces;
  return kinds.reduce((sum, { kind, count }) => sum + gramsOfOne(batch, kind, step) * pieces * (count / all), 0);
}

/** What a step is reckoned to take on one piece of a design and a wood. */
function gramsOfOne(batch: Estimated, { design, species }: Pick<Batch, 'design' | 'species'>, step: RegimenStep): number {
  const isOwn = batch.regimen.steps.some((one) => one.id === step.id);
  // A coat of a way back stands in no regimen: it comes after all of them.
  const steps = isOwn ? batch.regimen.steps : [...batch.regimen.steps, step];
  const each = gramsPerPiece(steps, soaksOf({ design, species }), (slot, finishClass) => ({
    factor: factorFor(batch.uptake, species.id, finishClass)?.factor ?? 1,
    ...coversOf(batch.materials[slot]),
  }));
  return each.get(step.id) ?? 0;
}

/** How a lot is reckoned where it soaks in: its density, and what its label says it covers. */
export const coversOf = (lot: KnownLot | undefined) => ({
  densityGPerMl: lot?.nature?.densityGPerMl ?? USUAL_DENSITY,
  coverageM2PerL: lot?.ready?.coverageM2PerL ?? null,
});

const soaksOf = ({ design, species }: Pick<Batch, 'design' | 'species'>) => ({
  ...design.area,
  on: (surfaces: readonly Surface[]) => areaOf(design.geometry, surfaces),
  volumeMl: volumeMl(design.geometry),
  porosity: species.porosity,
  densityKgPerM3: species.densityKgPerM3,
});

/** Whether a live report comes when it can: it is what is next, after what was last, and not in the future. */
function fits(tx: Db, batch: Batch, report: Report, nowMs: number): Result<{ readonly task: Task; readonly progress: Progress }> {
  // Whether a scuff stands before a coat goes by when the coat was laid, not by when it is written down.
  const { tasks, progress } = progressOfBatch({ ...batch, asOfMs: report.at });
  const task = tasks.find((one) => one.key === report.task);
  if (!task) return fail('not-found', 'task');
  if (isAhead(report.at, { nowMs })) return fail('in-the-future', 'at');
  if (report.kind === 'left-out' && !task.step.optional) return fail('not-optional', 'task');
  if (report.kind === 'done' && task.step.until && report.pass === null) return fail('check-needs-outcome', 'pass');
  if (report.queued) return ok({ task, progress });
  const isDone = progress.done.some((done) => done.task.key === report.task);
  if (progress.next?.task.key !== report.task)
    return fail('not-next', 'task', { action: task.step.action, next: isDone ? '' : (progress.next?.task.step.action ?? '') });
  const last = progress.done.at(-1);
  if (last && report.at < last.fact.atMs)
    return fail('before-last', 'at', { last: formatInstant(last.fact.atMs, theShop(tx).zone).slice(0, 16).replace('T', ' ') });
  return ok({ task, progress });
}

/** The wait a report is judged by, kept with it; nothing where it comes before its forerunner, or is the first. */
function waitNow({ next, done }: Progress, task: string) {
  const before = done.at(-1);
  if (next?.task.key !== task || !before || before.fact.kind === 'left-out') return {};
  const { wait, riskMin } = before.task;
  return { waited: true, waitMin: wait.min, waitMaxMin: riskMin ?? wait.max };
}

/** Lots that were given to a batch before a moment, the last one first; the one of a task that is a coat itself comes before them. */
function lotsOn(batch: Batch, task: Task, at: number): KnownLot[] {
  const own = task.step.slot ? lotAt(batch, task.step.slot, at) : undefined;
  const given = batch.book
    .filter(({ stands }) => stands !== null && stands.kind !== 'left-out' && stands.lotId !== null && stands.at <= at)
    .reverse()
    .flatMap(({ stands }) => batch.lots.find(({ lot }) => lot.id === stands?.lotId)?.lot ?? []);
  return [...(own ? [own] : []), ...given];
}

/** What an act's cloths hold: of a coat its lot, of a wipe or a buff what was given last, of oily dust the worst of all that is on. */
function clothsOf(tx: Db, batch: Batch, task: Task, at: number): Pick<Cloth, 'hazard' | 'vapour'> | null {
  const lots = lotsOn(batch, task, at);
  const isOld = tx.select().from(restoration).where(eq(restoration.batchId, batch.id)).get() !== undefined;
  if (!makesCloths(task.step.kind, lots.length > 0 || isOld)) return null;
  const isDust = abrades(task.step);
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
    const { task, progress } = fitting.value;
    const lot = task.step.slot ? lotAt(batch, task.step.slot, report.at) : undefined;
    const isCoat = report.kind === 'done' && lot !== undefined;
    if (isCoat && !report.sure && !report.queued) {
      const asked = [asksTime(batch, lot, report.at), asksGrams(tx, batch, task, lot, report)].find((one) => !one.ok);
      if (asked && !asked.ok) return asked;
    }
    // Of a piece without a shape nothing is foretold: what was not weighed is not drawn, and a count puts it right.
    const grams = isCoat ? (report.grams ?? (estimatedGrams(batch, task) || null)) : null;
    const { rh, queued: _, faults = [], photo = null, nextLot = null, sure: __, ...facts } = report;
    withdrawCaused(tx, batch, report.task, report.at, by);
    tx.insert(logEntry)
      .values({
        ...facts,
        faults,
        photo,
        rhFraction: rh,
        grams,
        gramsEstimated: isCoat && report.grams === null && grams !== null,
        pieces: task.pieces,
        ...waitNow(progress, report.task),
        lotId: lot?.id ?? null,
        personId: by.personId,
        recordedAt: by.nowMs,
      })
      .run();
    if (isCoat && grams !== null) {
      const drawn = drawFor(tx, batch, { task, lot, grams, nextLot, entry: report.clientId, at: report.at }, by);
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

/** A coat from before its lot was made or bought, or before its batch began, is asked about: it may be true, and is more often a slip. */
export function asksTime(batch: Batch, lot: KnownLot, at: number): Result<void> {
  if (isAhead(lot.at, { nowMs: at })) return fail('before-lot', 'sure', { number: lot.number });
  return isAhead(Math.min(batch.startAt, batch.at), { nowMs: at })
    ? fail('before-batch', 'sure', { number: batch.number })
    : ok(undefined);
}

/** How many times the estimate a coat beyond the book is asked about. Source: working estimate; a comma or a unit slipped is ten and more. */
const ASKED_FROM_TIMES = 3;

/** What would empty the lot several times over is more often a slip of the hand; a little more than the book holds is not. */
function asksGrams(tx: Db, batch: Batch, task: Task, lot: KnownLot, { grams, nextLot }: Report): Result<void> {
  const left = leftOf(tx, lot.id);
  const isFar = grams !== null && !nextLot && grams > left && grams > ASKED_FROM_TIMES * estimatedGrams(batch, task);
  return isFar ? fail('much-more', 'sure', { number: lot.number, left: Math.max(0, left), wanted: grams }) : ok(undefined);
}

type Draw = {
  readonly task: Task;
  readonly lot: KnownLot;
  readonly grams: number;
  readonly nextLot: NonNullable<Report['nextLot']> | null;
  readonly entry: string;
  readonly at: number;
};

/** Draws a coat from its lot; where that ran out within it, the rest from the next one, which the slot is taken from henceforth. */
function drawFor(tx: Db, batch: Batch, { task, lot, grams, nextLot, entry, at }: Draw, by: By): Result<void> {
  const slot = task.step.slot;
  if (!nextLot || slot === null) return move(tx, { lotId: lot.id, grams: -grams, why: 'coat', entry, at, happened: true }, by);
  if (nextLot.lotId === lot.id) return fail('same-lot', 'nextLot');
  if (nextLot.grams !== null && nextLot.grams > grams + 1e-6) return fail('too-large', 'nextGrams', { most: grams });
  const rest = nextLot.grams ?? Math.max(0, grams - Math.max(0, leftOf(tx, lot.id)));
  const first = move(tx, { lotId: lot.id, grams: -(grams - rest), why: 'coat', entry, at, happened: true }, by);
  if (!first.ok) return first;
  const next = move(tx, { lotId: nextLot.lotId, grams: -rest, why: 'coat', entry, at, happened: true }, by);
  return next.ok ? takeLot(tx, batch, { slot, lotId: nextLot.lotId, fromAt: at }, by) : next;
}
