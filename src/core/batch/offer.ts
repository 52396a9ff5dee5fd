import { type CureMode, priorFactor } from '@/core/cure';
import type { Geometry } from '@/core/piece';
import { type DayInput, type DayPlan, latestStart, type PlacedBatch, promise } from '@/core/plan';
import { formatInstant, MS_PER_HOUR, ok, type Result } from '@/core/quantity';
import type { PlaceKind, RegimenStep, RoomOf } from '../regimen';
import { dayJobs } from './dayjobs';
import { withinReach } from './reach';
import { type AirRows, meanOfRows, roomAlong } from './room';
import { type DwellBound, scheduleOf } from './schedule';
import { setsAfter } from './setting';
import type { Task } from './task';

/** The shop as a promise sees it: its planner's input, the plan that stands, and how fast finish cures where it rests. */
export type ShopNow = {
  readonly input: DayInput;
  readonly found: Extract<DayPlan, { feasible: true }>;
  /** Rate of setting against 20 °C by how it sets, on the rack and in the warm cabinet; no cabinet, or one too hot: null. */
  readonly rate: { readonly rack: Readonly<Record<CureMode, number>>; readonly warm: Readonly<Record<CureMode, number>> | null };
  readonly names: Readonly<Record<string, string>>;
  /** The air to come by kind of place; a place that was never read is not among them. */
  readonly air: Readonly<Partial<Record<PlaceKind, AirRows>>>;
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

/** When hands are done: the end of the plan, and what lies past its reach. */
const endOf = ({ endMs }: PlacedBatch, tasks: readonly Task[]): number => endMs + withinReach(tasks).restMs;

/** When nine in ten are fit: its cure begins with the last coat's wipe or buff, and its steps must be done as well. */
function readyOf(placed: PlacedBatch, tasks: readonly Task[], cured: number): number {
  const endMs = endOf(placed, tasks);
  const last = setsAfter(tasks);
  if (last >= placed.plan.steps.length) return endMs + cured;
  const from = placed.plan.steps[last];
  return Math.max(endMs, from ? Date.parse(from.endAt) + cured : endMs);
}

/** The air a promise reckons with: a batch begins at the bench. */
const roomOf = ({ air }: ShopNow, { steps, startMs }: Ask): RoomOf =>
  roomAlong(steps, {
    air: (place, fromMs, untilMs) => {
      const rows = air[place ?? 'bench'];
      return rows ? meanOfRows(rows, fromMs, untilMs) : null;
    },
    nowMs: startMs,
    startMs,
    doneAt: new Map(),
  });

const scheduleAsked = (shop: ShopNow, ask: Ask, pieces: number) =>
  scheduleOf(ask.steps, pieces, ask.bound, { scale: ask.scale ?? 1, beyond: ask.beyond ?? false, room: roomOf(shop, ask) });

type Batch = DayInput['batches'][number];
const asBatch = ({ geometry }: Ask, tasks: readonly Task[], shop: ShopNow, releaseMs: number): Batch => ({
  id: 'promise',
  release: formatInstant(releaseMs, shop.input.zone),
  steps: dayJobs(geometry, withinReach(tasks).near, shop.input.spots),
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
  const schedule = (pieces: number) => scheduleAsked(shop, ask, pieces);
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
  const { startMs, plan } = made.value;
  const endMs = endOf(made.value, tasks.value);
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
  if (readyMs > dueMs) return ok({ ...base, gives: givesOf(shop, ask, dueMs) });
  const latest = latestStart(shop.input, shop.found, batch, dueMs, (placed) => readyOf(placed, tasks.value, cured) <= dueMs);
  return latest.ok ? ok({ ...base, latestStartMs: latest.value?.startMs ?? null }) : latest;
}

type GiveOf<W extends Give['what']> = Extract<Give, { readonly what: W }>;

/** A date that cannot be kept as it stands, and when it would be ready with something changed. */
type Missed = {
  readonly shop: ShopNow;
  readonly ask: Ask;
  readonly dueMs: number;
  readonly readyWith: (change: Partial<{ input: DayInput; found: ShopNow['found']; pieces: number; rate: number }>) => number;
};

/** What may give, in the order it is offered; each is tried by planning it. */
const TRIES: { readonly [W in Give['what']]: (missed: Missed) => GiveOf<W> | null } = {
  pieces: ({ ask, dueMs, readyWith }) => {
    const pieces = mostPieces(ask.pieces, (count) => readyWith({ pieces: count }) <= dueMs);
    return pieces > 0 ? { what: 'pieces', pieces } : null;
  },
  // Vapour lights in a cabinet: what holds it is never promised by one, not even after its day.
  warm: ({ shop, ask, dueMs, readyWith }) => {
    const rate = ask.vapour ? undefined : shop.rate.warm?.[ask.mode];
    const readyMs = ask.a0Hours > 0 && rate !== undefined ? readyWith({ rate }) : Number.POSITIVE_INFINITY;
    return readyMs <= dueMs ? { what: 'warm', readyMs } : null;
  },
  evenings: ({ shop, dueMs, readyWith }) =>
    readyWith({ input: evenings(shop.input) }) <= dueMs ? { what: 'evenings', until: EVENING } : null,
  after: ({ shop, ask, dueMs, readyWith }) => {
    const other = shop.found.batches.find(({ id }) => readyWith({ found: without(shop.found, id, ask.startMs) }) <= dueMs);
    return other ? { what: 'after', batch: shop.names[other.id] ?? other.id } : null;
  },
};
export const GIVES = Object.keys(TRIES) as readonly Give['what'][];

/** Every single change that would make the date. */
function givesOf(shop: ShopNow, ask: Ask, dueMs: number): Give[] {
  const rack = shop.rate.rack[ask.mode];
  const readyWith: Missed['readyWith'] = ({ input = shop.input, found = shop.found, pieces = ask.pieces, rate = rack }) => {
    const tasks = scheduleAsked(shop, ask, pieces);
    if (!tasks.ok) return Number.POSITIVE_INFINITY;
    const tried = promise(input, found, asBatch(ask, tasks.value, shop, ask.startMs));
    return tried.ok && tried.value.ok ? readyOf(tried.value, tasks.value, cureMs(ask.a0Hours, rate)) : Number.POSITIVE_INFINITY;
  };
  return GIVES.flatMap((what) => TRIES[what]({ shop, ask, dueMs, readyWith }) ?? []);
}
