import 'server-only';
import {
  type DwellBound,
  type Fact,
  leastUntil,
  type Progress,
  progressOf,
  type RingFacts,
  ringOf,
  roomAlong,
  roundsRecorded,
  SCUFF_AFTER_DAYS,
  type SlotBound,
  scheduleOf,
  settingFrom,
  stepOfTask,
  type Task,
  turnsOf,
  withRecoveries,
  withScuffs,
  withTurns,
} from '@/core/batch';
import {
  type AgeClock,
  ageClock,
  type CureMode,
  countingChecks,
  type Fitness,
  fitness,
  type Learning,
  LN_SCALE,
  type NeededHours,
  type Needs,
  neededHours,
  nextBatch,
  onWood,
  quantile,
  type ReadyAt,
  readyShare,
  type SeenAt,
} from '@/core/cure';
import { handlesWet, handsScale } from '@/core/regimen';
import type { Db } from '../db';
import { type Air, airOf } from '../rooms/air';
import { theShop } from '../shop/queries';
import type { KnownLot } from '../stores/queries';
import { type Batch, lotAt, piecesIn } from './batch';

/** The cure of a batch from its last coat on; hours are equivalent hours at 20 °C. */
export type CureStanding = {
  readonly startMs: number;
  /** What it needs here, and what is shipped; they differ by what this many of the shop's own batches said. */
  readonly a0Hours: number;
  readonly shippedHours: number;
  readonly learnedFrom: number;
  readonly settles: boolean;
  readonly mode: CureMode;
  readonly clock: AgeClock;
  /** What the estimate was bent by, and the scale it began with; `needed` follows from these and A0. */
  readonly seen: readonly SeenAt[];
  readonly scale: number;
  readonly needed: NeededHours;
  /** What it sets by; its milestones follow from it. */
  readonly source: Needs['source'];
  readonly air: Air;
  readonly ageHours: number;
  readonly pReady: number;
  /** Null where a date cannot be said. */
  readonly readyAtMs: ReadyAt;
};

/** What follows from a batch's records at a moment. Opinions, reckoned anew each time. */
export type BatchStanding = {
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
    slotBound(materials[slot]);

/** What a bought finish's label says of dwell and rest; undefined where it says nothing. */
function labelOf({ ready }: Pick<KnownLot, 'ready'>): SlotBound['label'] {
  if (!ready || (ready.labelDwellMin === null && ready.labelGapMin === null)) return undefined;
  const { labelDwellMin: min, labelDwellMaxMin: max, labelGapMin: gapMin } = ready;
  return { dwell: min === null ? null : { min, ideal: min, max }, gapMin };
}

/** What one lot bears in a schedule. */
export function slotBound(lot: KnownLot | undefined): SlotBound | undefined {
  if (!lot?.nature) return undefined;
  const label = labelOf(lot);
  const scuffs = lot.nature.drying === 'drying' && lot.needs?.mode === 'oxidise';
  return {
    ...lot.nature.maxDwellMin,
    vapour: lot.nature.flammable,
    ...(label ? { label } : {}),
    sets: lot.needs?.mode ?? null,
    scuffAfterDays: scuffs ? SCUFF_AFTER_DAYS[lot.roles.includes('varnish') ? 'varnish' : 'oil'] : null,
  };
}

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
            ...(entry.waited && entry.waitMin !== null ? { waited: { min: entry.waitMin, max: entry.waitMaxMin } } : {}),
          },
        ]
      : [],
  );

/**
 * The tasks of a batch with what was recorded laid against them. Materials that do not allow a regimen are refused before it starts; where
 * what is known of them changed since, the regimen's own times stand for what is running.
 */
export function progressOfBatch(batch: Batch): { readonly tasks: readonly Task[]; readonly progress: Progress } {
  const facts = factsOf(batch);
  const pieces = Math.max(1, piecesIn(batch).length);
  const bound = dwellBound(batch.materials);
  const scale = handsScale(batch.design.area);
  const room = roomAlong(batch.regimen.steps, {
    air: batch.air,
    nowMs: batch.asOfMs,
    startMs: batch.startAt,
    doneAt: new Map(facts.map((fact) => [stepOfTask(fact.key), fact.atMs])),
  });
  const how = {
    room,
    turns: turnsOf(facts, batch.regimen.steps),
    recorded: roundsRecorded(facts),
    scale,
    beyond: batch.beyondWhy !== '',
  };
  const scheduled = (by: DwellBound) => scheduleOf(batch.regimen.steps, pieces, by, how);
  const strict = scheduled(bound);
  const schedule = strict.ok ? strict : scheduled(() => undefined);
  if (!schedule.ok) throw new Error(`batch ${batch.number} cannot be scheduled: ${JSON.stringify(schedule.issues)}`);
  const recovered = withRecoveries(schedule.value, batch.recoveries, pieces, bound, {
    scale,
    room,
    order: batch.written,
    addedAt: new Map(batch.changes.map((change) => [change.id, change.at])),
  });
  const tasks = withTurns(withScuffs(recovered, facts, bound, batch.asOfMs, scale), facts);
  return { tasks, progress: progressOf(tasks, facts) };
}

/** What a batch sets by: hours, how, and the lot that sets them. */
export type SetBy = Needs & { readonly settles: boolean; readonly of: string };

/** The longest time any of a batch's materials needs, on a wood that may hold it back; a bare batch needs none, and what stays tacky has none. */
export function a0OfMaterials(materials: readonly KnownLot[], slowsCure = false): SetBy | null {
  const each = materials.flatMap((lot) => (lot.needs ? [{ ...onWood(lot.needs, slowsCure), of: lot.title }] : []));
  const slowest = each.sort((a, b) => b.hours - a.hours)[0];
  return slowest && each.length === materials.length ? { ...slowest, settles: each.every((one) => one.mode === 'settle') } : null;
}

/** What a batch sets by; null for bare wood. */
export const setBy = ({ on, species }: Pick<Batch, 'on' | 'species'>): SetBy | null => a0OfMaterials(on, species.slowsCure);

/** When a batch was last wet with something that gives off vapour, UTC ms; null when it never was. */
export function vapourWetMs(batch: Pick<Batch, 'lots'>, { done }: Progress): number | null {
  let slot: string | null = null;
  let wetMs: number | null = null;
  for (const { task, fact } of done) {
    slot = task.step.slot ?? slot;
    const isWet = fact.kind === 'done' && handlesWet(task.step);
    if (isWet && slot !== null && lotAt(batch, slot, fact.atMs)?.nature?.flammable) wetMs = fact.atMs;
  }
  return wetMs;
}

function cureOf(db: Db, batch: Batch, progress: Progress, nowMs: number, learning: Learning | null): CureStanding | null {
  const startMs = settingFrom(progress);
  const shipped = setBy(batch);
  if (startMs === null || !shipped) return null;
  // What a label says is its maker's word: other batches do not move it.
  const own =
    learning && !shipped.settles && shipped.source !== 'label' ? nextBatch(learning, shipped.of, batch.species.id) : null;
  const a0 = { ...shipped, hours: shipped.hours * Math.exp(own?.lnShift ?? 0) };
  if (!batch.place) return null;
  const air = airOf(db, batch.id, batch.place, startMs, nowMs);
  const clock = ageClock(startMs, air.reckoned, air.reckoned.at(-1) ?? air.forecast, shipped.mode, theShop(db).zone);
  const seen = countingChecks(batch.checks.filter((check) => check.at >= startMs)).map(({ kind, pass, atMs }) => ({
    kind,
    pass,
    ageHours: clock.ageAt(atMs),
  }));
  const scale = own?.scale ?? LN_SCALE;
  const needed = neededHours(a0.hours, seen, a0.mode, scale);
  const ageHours = clock.ageAt(nowMs);
  const at = (share: number): number | null => {
    const hours = quantile(needed, share);
    const atMs = hours === null ? Number.POSITIVE_INFINITY : clock.timeOf(hours);
    return Number.isFinite(atMs) ? atMs : null;
  };
  return {
    startMs,
    a0Hours: a0.hours,
    shippedHours: shipped.hours,
    learnedFrom: own?.records ?? 0,
    settles: a0.settles,
    mode: a0.mode,
    clock,
    seen,
    scale,
    needed,
    source: shipped.source,
    air,
    ageHours,
    pReady: readyShare(needed, ageHours),
    readyAtMs: { p10: at(0.1), p50: at(0.5), p90: at(0.9) },
  };
}

/** What a batch comes to at a moment. */
export function standingOfBatch(db: Db, batch: Batch, nowMs: number, learning: Learning | null = null): BatchStanding {
  const { tasks, progress } = progressOfBatch(batch);
  const cure = cureOf(db, batch, progress, nowMs, learning);
  const isBare = batch.on.length === 0;
  const pReady = cure?.pReady ?? (isBare ? 1 : 0);
  const seen = cure ? batch.checks.filter((check) => check.at >= cure.startMs) : isBare ? batch.checks : [];
  const fit = fitness(pReady, seen, nowMs, leastUntil(progress), {
    mode: setBy(batch)?.mode ?? 'settle',
    heldVolatile: batch.on.some((lot) => lot.nature?.flammable !== false || lot.undeclared.length > 0),
  });
  const isDone = progress.rest.length === 0;
  return {
    tasks,
    progress,
    cure,
    fitness: fit,
    ring: ringOf(progress, nowMs, pReady, isDone && fit.fit, batch.release?.outcome ?? null),
  };
}
