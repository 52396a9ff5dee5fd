import { type CureMode, priorFactor } from '@/core/cure';
import type { Geometry } from '@/core/piece';
import { type DayInput, type DayPlan, latestStart, type PlacedBatch, promise } from '@/core/plan';
import { formatInstant, MS_PER_HOUR, ok, type Result } from '@/core/quantity';
import { dayJobs } from './dayjobs';
import { type DwellBound, scheduleOf, type Task } from './schedule';
import { setsAfter } from './setting';
import type { RegimenStep } from './schema';

/** The shop as a promise sees it: its planner's input, the plan that stands, and how fast finish cures where it rests. */
export type ShopNow = {
  readonly input: DayInput;
  readonly found: Extract<DayPlan, { feasible: true }>;
  /** Rate of setting against 20 °C by how it sets, on the rack and in the warm cabinet; no cabinet, or one too hot: null. */
  readonly rate: { readonly rack: Readonly<Record<CureMode, number>>; readonly warm: Readonly<Record<CureMode, number>> | null };
  readonly names: Readonly<Record<string, string>>;
};

export type Ask = {
  readonly steps: readonly RegimenStep[];
  readonly geometry: Geometry;
  readonly pieces: number;
  readonly bound: DwellBound;
  /** Hands' minutes per piece against a bread board's, and whether the first soak may lie past its bound. */
  readonly scale?: number;
  readonly beyond?: boolean;
  /** Equivalent hours to fit for food and how that sets; 0 for bare wood. */
  readonly a0Hours: number;
  readonly mode: CureMode;
  /** Something in it gives off vapour: a warm cabinet is no way to hurry it. */
  readonly vapour: boolean;
  readonly startMs: number;
  readonly dueMs: number | null;
};

/** What would make a due date possible after all. */
export type Give =
  | { readonly what: 'pieces'; readonly pieces: number }
  | { readonly what: 'evenings'; readonly until: string }
  | { readonly what: 'warm'; readonly readyMs: number }
  | { readonly what: 'after'; readonly batch: string };

export type Offer = {
  readonly tasks: readonly Task[];
  readonly startMs: number;
  readonly stepsEndMs: number;
  /** When nine in ten such batches are fit, by the estimate. */
  readonly readyMs: number;
  readonly steps: readonly { readonly id: string; readonly startMs: number; readonly endMs: number; readonly by: string }[];
  /** The latest start that still keeps the due date; null without one, or when none does. */
  readonly latestStartMs: number | null;
  readonly gives: readonly Give[];
  readonly blocked: Extract<DayPlan, { feasible: false }>['blocking'] | null;
};

/** How many times A0 nine in ten need at most, from the prior's own grid. */
export const HONEST_SHARE = priorFactor(0.9);
/** How late hands could go on when a date presses. Source: working choice. */
export const EVENING = '21:00';

const cureMs = (a0Hours: number, rate: number): number => (a0Hours * HONEST_SHARE * MS_PER_HOUR) / Math.max(0.05, rate);

/** When nine in ten are fit: its cure begins with the last coat's wipe or buff, and its steps must be done as well. */
function readyOf({ plan, endMs }: PlacedBatch, tasks: readonly Task[], cured: number): number {
  const from = plan.steps[setsAfter(tasks)];
  return Math.max(endMs, from ? Date.parse(from.endAt) + cured : endMs);
}

const scheduleAsked = ({ steps, bound, scale = 1, beyond = false }: Ask, pieces: number) =>
  scheduleOf(steps, pieces, bound, { scale, beyond });

type Batch = DayInput['batches'][number];
const asBatch = ({ geometry }: Ask, tasks: readonly Task[], shop: ShopNow, releaseMs: number): Batch => ({
  id: 'promise',
  release: formatInstant(releaseMs, shop.input.zone),
  steps: dayJobs(geometry, tasks, shop.input.spots),
});

/** Lets every pair of hands work into the evening. */
const evenings = (input: DayInput): DayInput => ({
  ...input,
  hands: input.hands.map((hand) => ({
    ...hand,
    hours: hand.hours.map((row) =>
      row.close < EVENING && !hand.hours.some((other) => other.day === row.day && other.close > row.close)
        ? { ...row, close: EVENING }
        : row,
    ),
  })),
});

/** The plan without what is still to come of one batch. */
const without = (found: ShopNow['found'], id: string, nowMs: number): ShopNow['found'] => ({
  ...found,
  batches: found.batches.map((batch) =>
    batch.id === id ? { ...batch, steps: batch.steps.filter((step) => Date.parse(step.startAt) < nowMs) } : batch,
  ),
});

/** The most pieces that keep a date, by halving; 0 when not even one does. */
function mostPieces(fewerThan: number, keeps: (pieces: number) => boolean): number {
  let [low, high] = [0, fewerThan];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (keeps(middle)) low = middle;
    else high = middle;
  }
  return low;
}

/**
 * What the shop can honestly promise for one more batch, nothing that is planned moved for it: when its steps end, when it will be fit,
 * how late it may start for a date, and what must give when the date cannot be kept.
 */
export function offer(shop: ShopNow, ask: Ask): Result<Offer> {
  const schedule = (pieces: number) => scheduleAsked(ask, pieces);
  const tasks = schedule(ask.pieces);
  if (!tasks.ok) return tasks;
  const cured = cureMs(ask.a0Hours, shop.rate.rack[ask.mode]);
  const batch = asBatch(ask, tasks.value, shop, ask.startMs);
  const made = promise(shop.input, shop.found, batch);
  if (!made.ok) return made;
  const nothing = { tasks: tasks.value, steps: [], latestStartMs: null, gives: [] };
  if (!made.value.ok)
    return ok({
      ...nothing,
      startMs: ask.startMs,
      stepsEndMs: Number.NaN,
      readyMs: Number.NaN,
      blocked: made.value.plan.blocking,
    });
  const { startMs, endMs, plan } = made.value;
  const steps = plan.steps.map(({ id, startAt, endAt, by }) => ({
    id,
    by,
    startMs: Date.parse(startAt),
    endMs: Date.parse(endAt),
  }));
  const readyMs = readyOf(made.value, tasks.value, cured);
  const base: Offer = { ...nothing, steps, startMs, stepsEndMs: endMs, readyMs, blocked: null };
  const { dueMs } = ask;
  if (dueMs === null) return ok(base);
  if (readyMs > dueMs) return ok({ ...base, gives: givesOf(shop, ask, tasks.value, dueMs) });
  const latest = latestStart(shop.input, shop.found, batch, dueMs, (placed) => readyOf(placed, tasks.value, cured) <= dueMs);
  return latest.ok ? ok({ ...base, latestStartMs: latest.value?.startMs ?? null }) : latest;
}

/** Every single change that would make the date; each is tried by planning it. */
function givesOf(shop: ShopNow, ask: Ask, tasks: readonly Task[], dueMs: number): Give[] {
  const readyWith = (input: DayInput, found: ShopNow['found'], of: readonly Task[], rate: number): number => {
    const tried = promise(input, found, asBatch(ask, of, shop, ask.startMs));
    return tried.ok && tried.value.ok ? readyOf(tried.value, of, cureMs(ask.a0Hours, rate)) : Number.POSITIVE_INFINITY;
  };
  const rack = shop.rate.rack[ask.mode];
  // Vapour lights in a cabinet: what holds it is never promised by one, not even after its day.
  const warm = ask.vapour ? null : (shop.rate.warm?.[ask.mode] ?? null);
  const gives: Give[] = [];
  const pieces = mostPieces(ask.pieces, (count) => {
    const fewer = scheduleAsked(ask, count);
    return fewer.ok && readyWith(shop.input, shop.found, fewer.value, rack) <= dueMs;
  });
  if (pieces > 0) gives.push({ what: 'pieces', pieces });
  const inTheWarm = ask.a0Hours > 0 && warm !== null ? readyWith(shop.input, shop.found, tasks, warm) : Number.POSITIVE_INFINITY;
  if (inTheWarm <= dueMs) gives.push({ what: 'warm', readyMs: inTheWarm });
  if (readyWith(evenings(shop.input), shop.found, tasks, rack) <= dueMs) gives.push({ what: 'evenings', until: EVENING });
  const other = shop.found.batches.find(
    ({ id }) => readyWith(shop.input, without(shop.found, id, ask.startMs), tasks, rack) <= dueMs,
  );
  if (other) gives.push({ what: 'after', batch: shop.names[other.id] ?? other.id });
  return gives;
}
