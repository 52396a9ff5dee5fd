import 'server-only';
import { dayJobs, type Progress, waitIn, withinReach } from '@/core/batch';
import {
  type Blocking,
  type DayInput,
  type DayPlan,
  type Moved,
  movedBetween,
  type OpenDay,
  openDay,
  type ShopStep,
  slackOf,
} from '@/core/plan';
import { formatInstant, groupBy, MS_PER_MINUTE, type Result } from '@/core/quantity';
import { ROOM_UNITS } from '@/core/regimen';
import type { Db } from '../db';
import { log } from '../log';
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
  /** Whether something was recorded since, and the next one is being made. */
  readonly isOld: boolean;
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

type Wanted = { readonly key: string; readonly input: DayInput; readonly nowMs: number };
type KeptPlan = Wanted & { readonly plan: ShopPlan; readonly steps: readonly ShopStep[] };
type Kept = { plan: KeptPlan | null; underway: boolean; made: number };
const held = globalThis as typeof globalThis & { rendlePlan?: WeakMap<Db, Kept> };

function keptOf(db: Db): Kept {
  held.rendlePlan ??= new WeakMap();
  const known = held.rendlePlan.get(db) ?? { plan: null, underway: false, made: 0 };
  held.rendlePlan.set(db, known);
  return known;
}

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
const batchPlans = ({ plan, leftOut }: OpenDay, steps: readonly ShopStep[]): ReadonlyMap<number, BatchPlan> => {
  const own = groupBy(steps, (step) => step.batch);
  return new Map<number, BatchPlan>([
    ...plan.batches.map((row): [number, BatchPlan] => [
      Number(row.id),
      { feasible: true, steps: own.get(row.id) ?? [], endsMs: Date.parse(row.endsAt), lateMin: row.lateMin },
    ]),
    ...leftOut.map(({ batchId, ...blocking }): [number, BatchPlan] => [Number(batchId), { feasible: false, blocking }]),
  ]);
};

/** A plan that was made comes to stand: it says what it moved since the one before. */
function stand(db: Db, { key, input, nowMs }: Wanted, made: Result<OpenDay>): ShopPlan {
  if (!made.ok) throw new Error(`the shop cannot be planned: ${JSON.stringify(made.issues)}`);
  const kept = keptOf(db);
  const before = kept.plan;
  const { plan: found, leftOut, unheld } = made.value;
  const planned = { ...input, batches: input.batches.filter((one) => !leftOut.some(({ batchId }) => batchId === one.id)) };
  const steps = slackOf(planned, found);
  const moved = before && nowMs >= before.nowMs ? movedBetween(before.steps, steps) : [];
  const plan: ShopPlan = {
    input: { ...planned, fixed: (input.fixed ?? []).filter((one) => !leftOut.some(({ batchId }) => batchId === one.batch)) },
    found,
    moved: moved.length > 0 || before?.key !== key ? moved : (before?.plan.moved ?? []),
    unheld: allPins(db).filter((one) => unheld.some((pin) => pin.batch === String(one.batchId) && pin.step === one.task)),
    batches: batchPlans(made.value, steps),
    isOld: false,
  };
  kept.plan = { key, input, nowMs, plan, steps };
  kept.made += 1;
  return plan;
}

/** The plan before, as far as it still means something: steps that were done since are no longer in it. */
function asOld(plan: ShopPlan, open: readonly WaitingBatch[]): ShopPlan {
  const ahead = new Map(open.map(({ batch, progress }) => [batch.id, new Set(progress.rest.map((task) => task.key))]));
  return {
    ...plan,
    isOld: true,
    batches: new Map(
      [...plan.batches].flatMap(([id, one]): [number, BatchPlan][] => {
        const rest = ahead.get(id);
        if (!rest) return [];
        return [[id, one.feasible ? { ...one, steps: one.steps.filter((step) => rest.has(step.id)) } : one]];
      }),
    ),
  };
}

/** Another number when another plan stands. */
export const planVersion = (db: Db): number => keptOf(db).made;

/** Makes a plan beside the requests; refused, it is made at once. */
export type PlanMaker = (input: DayInput) => Promise<Result<OpenDay>>;

/**
 * The whole shop's plan at a moment. The same records give the same plan; it stands until something is recorded, or for a few minutes,
 * so that it does not jitter.
 * @param beside where plans are made while the one before still stands, marked as old; null makes it here and now
 */
export function shopPlan(
  db: Db,
  open: readonly WaitingBatch[],
  nowMs: number,
  hours: ShopHours,
  beside: PlanMaker | null = null,
): ShopPlan {
  const input = dayInput(db, open, nowMs, hours);
  const wanted = { key: keyOf(input), input, nowMs };
  const kept = keptOf(db);
  const before = kept.plan;
  const isSame = before !== null && before.key === wanted.key && nowMs >= before.nowMs;
  if (before && isSame && nowMs - before.nowMs < STANDS_MS) return before.plan;
  if (!beside || !before || nowMs < before.nowMs) return stand(db, wanted, openDay(input));
  if (!kept.underway) {
    kept.underway = true;
    beside(input)
      .then((made) => void stand(db, wanted, made))
      .catch(() => void stand(db, wanted, openDay(input)))
      .catch((fault: unknown) => log({ what: 'plan failed', why: fault instanceof Error ? fault.message : 'unknown' }))
      .finally(() => {
        kept.underway = false;
      });
  }
  return isSame ? before.plan : asOld(before.plan, open);
}
