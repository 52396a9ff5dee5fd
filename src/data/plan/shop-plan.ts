import 'server-only';
import { dayJobs, type Progress, waitIn, withinReach } from '@/core/batch';
import {
  type Blocking,
  type DayInput,
  type DayPlan,
  type Moved,
  movedBetween,
  openDay,
  type ShopStep,
  slackOf,
} from '@/core/plan';
import { formatInstant, MS_PER_MINUTE } from '@/core/quantity';
import { ROOM_UNITS } from '@/core/regimen';
import type { Db } from '../db';
import { type Place, places, type ShopHours } from '../shop/queries';
import { type Batch, piecesIn } from '../work/batch';
import { handsOf } from './hands';
import { allPins, type Pin } from './pins';

/** An open batch as far as it matters to a plan. */
export type WaitingBatch = { readonly batch: Batch; readonly progress: Progress };
/** A planned step of one batch. */
export type PlannedStepOfShop = ShopStep;
export type BatchPlan =
  | { readonly feasible: true; readonly steps: readonly PlannedStepOfShop[]; readonly endsMs: number; readonly lateMin: number }
  | { readonly feasible: false; readonly blocking: Blocking };

export type ShopPlan = {
  readonly input: DayInput;
  readonly found: Extract<DayPlan, { feasible: true }>;
  readonly batches: ReadonlyMap<number, BatchPlan>;
  readonly moved: readonly Moved[];
  /** Pins that could not be held. */
  readonly unheld: readonly Pin[];
};

const HORIZON_DAYS = 60;
/** A plan is made anew when something was recorded, or after so long. */
const STANDS_MS = 5 * MS_PER_MINUTE;

/** Room by kind of place: the capacities of all places of a kind together; a kind with an unlimited place has no limit. */
function spotsOf(all: readonly Place[]): DayInput['spots'] {
  const kinds = [...new Set(all.map((place) => place.kind))].filter((kind) => ROOM_UNITS[kind] !== null);
  return kinds.flatMap((kind) => {
    const rooms = all.filter((place) => place.kind === kind).map((place) => place.capacity);
    return rooms.some((room) => room === null)
      ? []
      : [{ id: kind, capacity: rooms.reduce<number>((sum, room) => sum + (room ?? 0), 0) }];
  });
}

/** The planner's input for all open batches: what was done last stands fixed, what is left is to be placed. */
export function dayInput(db: Db, open: readonly WaitingBatch[], nowMs: number, hours: ShopHours): DayInput {
  const startMs = Math.ceil(nowMs / MS_PER_MINUTE) * MS_PER_MINUTE;
  const say = (ms: number): string => formatInstant(ms, hours.zone);
  const spots = spotsOf(places(db));
  const pins = allPins(db);
  const going = open.filter(({ progress }) => progress.rest.length > 0);
  return {
    start: say(startMs),
    zone: hours.zone,
    hands: handsOf(db, hours),
    spots,
    horizonDays: HORIZON_DAYS,
    batches: going.map(({ batch, progress }) => {
      const last = progress.done.at(-1);
      const before = last
        ? [
            last.fact.kind === 'left-out'
              ? { id: last.task.key, handsMin: 0, wait: { min: 0, ideal: 0, max: null } }
              : { id: last.task.key, handsMin: 0, wait: waitIn(batch.design.geometry, last.task, spots) },
          ]
        : [];
      return {
        id: String(batch.id),
        release: say(Math.max(batch.startAt, startMs)),
        ...(batch.dueAt === null ? {} : { dueAt: say(batch.dueAt) }),
        weight: Math.max(1, piecesIn(batch).length),
        steps: [...before, ...dayJobs(batch.design.geometry, withinReach(progress.rest).near, spots)],
      };
    }),
    fixed: going.flatMap(({ batch, progress }) => {
      const last = progress.done.at(-1);
      return last
        ? [
            {
              batch: String(batch.id),
              step: last.task.key,
              startAt: say(last.fact.atMs),
              endAt: say(last.fact.atMs),
              by: String(batch.personId),
            },
          ]
        : [];
    }),
    pins: pins
      .filter(
        (one) =>
          one.startAt >= startMs &&
          going.some(({ batch, progress }) => batch.id === one.batchId && progress.rest.some((task) => task.key === one.task)),
      )
      .map((one) => ({ batch: String(one.batchId), step: one.task, startAt: say(one.startAt) })),
  };
}

/** Plans what finds a place; what does not is left out, and said with what stands in its way. */
function planAll(input: DayInput) {
  const made = openDay(input);
  if (!made.ok) throw new Error(`the shop cannot be planned: ${JSON.stringify(made.issues)}`);
  const { plan: found, leftOut, unheld } = made.value;
  const without = new Set(leftOut.map((one) => one.batchId));
  return {
    found,
    unheld,
    blocked: new Map(leftOut.map(({ batchId, ...blocking }): [number, Blocking] => [Number(batchId), blocking])),
    input: {
      ...input,
      batches: input.batches.filter((one) => !without.has(one.id)),
      fixed: (input.fixed ?? []).filter((one) => !without.has(one.batch)),
    },
  };
}

type KeptPlan = { readonly key: string; readonly madeMs: number; readonly plan: ShopPlan; readonly steps: readonly ShopStep[] };
const kept = globalThis as typeof globalThis & { rendlePlan?: WeakMap<Db, KeptPlan> };

/** All that a plan rests on but the moment. */
const keyOf = ({ start: _, batches, ...rest }: DayInput): string =>
  JSON.stringify({
    ...rest,
    batches: batches.map(({ release, ...batch }) => ({
      ...batch,
      begun: (rest.fixed ?? []).some((one) => one.batch === batch.id) ? '' : release.slice(0, 10),
    })),
  });

/** The plan of each batch by its row: its steps and its end, or what blocks it. */
const batchPlans = (
  placed: ReturnType<typeof planAll>['found']['batches'],
  blocked: ReturnType<typeof planAll>['blocked'],
  steps: readonly ShopStep[],
): ReadonlyMap<number, BatchPlan> =>
  new Map<number, BatchPlan>([
    ...placed.map((row): [number, BatchPlan] => [
      Number(row.id),
      {
        feasible: true,
        steps: steps.filter((step) => step.batch === row.id),
        endsMs: Date.parse(row.endsAt),
        lateMin: row.lateMin,
      },
    ]),
    ...[...blocked].map(([id, blocking]): [number, BatchPlan] => [id, { feasible: false, blocking }]),
  ]);

/**
 * The whole shop's plan at a moment. The same records give the same plan; it stands until something is recorded, or for a few minutes,
 * so that it does not jitter. It says what it moved since the one before.
 */
export function shopPlan(db: Db, open: readonly WaitingBatch[], nowMs: number, hours: ShopHours): ShopPlan {
  const wanted = dayInput(db, open, nowMs, hours);
  const key = keyOf(wanted);
  kept.rendlePlan ??= new WeakMap();
  const before = kept.rendlePlan.get(db);
  if (before && before.key === key && nowMs >= before.madeMs && nowMs - before.madeMs < STANDS_MS) return before.plan;
  const { found, input, blocked, unheld } = planAll(wanted);
  const steps = slackOf(input, found);
  const moved = before && nowMs >= before.madeMs ? movedBetween(before.steps, steps) : [];
  const pins = allPins(db);
  const plan: ShopPlan = {
    input,
    found,
    moved: moved.length > 0 || before?.key !== key ? moved : (before?.plan.moved ?? []),
    unheld: pins.filter((one) => unheld.some((pin) => pin.batch === String(one.batchId) && pin.step === one.task)),
    batches: batchPlans(found.batches, blocked, steps),
  };
  kept.rendlePlan.set(db, { key, madeMs: nowMs, plan, steps });
  return plan;
}
