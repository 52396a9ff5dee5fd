import 'server-only';
import {
  type A0Source,
  type AgeClock,
  a0Of,
  ageClock,
  countingChecks,
  type Fitness,
  fitness,
  type Learning,
  LN_SPREAD,
  type Needed,
  neededHours,
  nextBatch,
  quantile,
  readyShare,
  type SeenAt,
} from '@/core/cure';
import { ingredientOf } from '@/core/material';
import { MS_PER_MINUTE } from '@/core/quantity';
import {
  type DwellBound,
  type Fact,
  type Progress,
  progressOf,
  type RingFacts,
  ringOf,
  roundsRecorded,
  scheduleOf,
  type Task,
  turnsOf,
  withRecoveries,
  withTurns,
} from '@/core/regimen';
import type { Db } from '../db';
import { type Air, airOf } from '../cure/air';
import type { KnownLot } from '../stores/queries';
import { type Batch, piecesIn } from './batch';

/** The cure of a batch from its last coat on; hours are equivalent hours at 20 °C. */
export type CureStanding = {
  readonly startMs: number;
  /** What it needs here, and what is shipped; they differ by what this many of the shop's own batches said. */
  readonly a0Hours: number;
  readonly shippedHours: number;
  readonly learnedFrom: number;
  readonly settles: boolean;
  readonly clock: AgeClock;
  /** What the estimate was bent by, and the spread it began with; `needed` follows from these and A0. */
  readonly seen: readonly SeenAt[];
  readonly spread: number;
  readonly needed: Needed;
  /** What it sets by; its milestones follow from it. */
  readonly source: A0Source;
  readonly air: Air;
  readonly ageHours: number;
  readonly pReady: number;
  readonly readyAtMs: { readonly p10: number; readonly p50: number; readonly p90: number };
};

/** What follows from a batch's records at a moment. Opinions, reckoned anew each time. */
export type Standing = {
  readonly tasks: readonly Task[];
  readonly progress: Progress;
  readonly cure: CureStanding | null;
  readonly fitness: Fitness;
  readonly ring: RingFacts;
};

/** The dwell each slot's material allows. */
export const dwellBound =
  (materials: Readonly<Record<string, KnownLot>>): DwellBound =>
  (slot) =>
    materials[slot]?.nature?.maxDwellMin;

/** Facts of the book that stand, as the core's progress takes them. */
export const factsOf = ({ book }: Pick<Batch, 'book'>): (Fact & { readonly pieces: number })[] =>
  book.flatMap(({ entry, stands }) =>
    stands
      ? [
          {
            id: entry.clientId,
            key: entry.task,
            atMs: stands.at,
            kind: entry.kind === 'left-out' ? ('left-out' as const) : ('done' as const),
            pass: stands.pass,
            pieces: stands.pieces,
          },
        ]
      : [],
  );

/** The tasks of a batch with what was recorded laid against them. Throws when its materials do not allow its regimen: that is refused before it starts. */
export function progressOfBatch(batch: Batch): { readonly tasks: readonly Task[]; readonly progress: Progress } {
  const facts = factsOf(batch);
  const pieces = Math.max(1, piecesIn(batch).length);
  const bound = dwellBound(batch.materials);
  const schedule = scheduleOf(batch.regimen.steps, pieces, bound, turnsOf(facts, batch.regimen.steps), roundsRecorded(facts));
  if (!schedule.ok) throw new Error(`batch ${batch.number} cannot be scheduled: ${JSON.stringify(schedule.issues)}`);
  const tasks = withTurns(withRecoveries(schedule.value, batch.recoveries, pieces, bound), facts);
  return { tasks, progress: progressOf(tasks, facts) };
}

/** The longest time any of a batch's materials needs; a bare batch needs none. */
export function a0OfMaterials(
  materials: readonly KnownLot[],
): { readonly hours: number; readonly source: A0Source; readonly settles: boolean; readonly of: string } | null {
  const each = materials.map((lot) => ({
    ...a0Of(Object.entries(lot.composition).map(([id, w]) => ({ ingredient: ingredientOf(id), w }))),
    of: lot.title,
  }));
  const slowest = each.sort((a, b) => b.hours - a.hours)[0];
  return slowest
    ? { hours: slowest.hours, source: slowest.source, settles: each.every((one) => one.source === 'settle'), of: slowest.of }
    : null;
}

/** When the last coat was finished: the wipe or buff after it, once no coat is left to do. Null before. */
export function cureStart(progress: Progress): number | null {
  const coatsLeft = progress.rest.some((task) => task.step.kind === 'coat' && !task.step.optional);
  const last = progress.done.findLast(
    ({ task, fact }) => fact.kind === 'done' && ['coat', 'wipe', 'buff'].includes(task.step.kind),
  );
  return coatsLeft || !last ? null : last.fact.atMs;
}

function cureOf(db: Db, batch: Batch, progress: Progress, nowMs: number, learning: Learning | null): CureStanding | null {
  const startMs = cureStart(progress);
  const shipped = a0OfMaterials(Object.values(batch.materials));
  if (startMs === null || !shipped) return null;
  const own = learning && !shipped.settles ? nextBatch(learning, shipped.of, batch.species.id) : null;
  const a0 = { ...shipped, hours: shipped.hours * Math.exp(own?.lnShift ?? 0) };
  if (!batch.place) return null;
  const air = airOf(db, batch.id, batch.place, startMs, nowMs);
  const clock = ageClock(startMs, air.reckoned, air.reckoned.at(-1) ?? air.forecast);
  const seen = countingChecks(batch.checks.filter((check) => check.at >= startMs)).map(({ kind, pass, atMs }) => ({
    kind,
    pass,
    ageHours: clock.ageAt(atMs),
  }));
  const spread = own?.spread ?? LN_SPREAD;
  const needed = neededHours(a0.hours, seen, spread);
  const ageHours = clock.ageAt(nowMs);
  const at = (share: number): number => clock.timeOf(quantile(needed, share));
  return {
    startMs,
    a0Hours: a0.hours,
    shippedHours: shipped.hours,
    learnedFrom: own?.records ?? 0,
    settles: a0.settles,
    clock,
    seen,
    spread,
    needed,
    source: shipped.source,
    air,
    ageHours,
    pReady: readyShare(needed, ageHours),
    readyAtMs: { p10: at(0.1), p50: at(0.5), p90: at(0.9) },
  };
}

/** The least time of the regimen: the wait after the last thing done to the finish. */
function leastUntil(progress: Progress): number {
  const last = progress.done.findLast(({ task }) => ['coat', 'wipe', 'buff'].includes(task.step.kind));
  return last ? last.fact.atMs + last.task.wait.min * MS_PER_MINUTE : 0;
}

/** What a batch comes to at a moment. */
export function standingOfBatch(db: Db, batch: Batch, nowMs: number, learning: Learning | null = null): Standing {
  const { tasks, progress } = progressOfBatch(batch);
  const cure = cureOf(db, batch, progress, nowMs, learning);
  const isBare = Object.keys(batch.materials).length === 0;
  const pReady = cure?.pReady ?? (isBare ? 1 : 0);
  const seen = cure ? batch.checks.filter((check) => check.at >= cure.startMs) : isBare ? batch.checks : [];
  const fit = fitness(pReady, seen, nowMs, leastUntil(progress));
  const isDone = progress.rest.length === 0;
  return {
    tasks,
    progress,
    cure,
    fitness: fit,
    ring: ringOf(progress, nowMs, pReady, isDone && fit.fit, batch.release?.outcome ?? null),
  };
}
