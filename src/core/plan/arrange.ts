import { type DayBatch, type Lean, type PlacedJob, put, reachOf, type ShopBoard, settleLate, traceTo } from './place';
import { union } from './spans';
import { empty, type Filled, fillSpots, type SpotTaken } from './spots';

export type Arranged =
  | {
      readonly feasible: true;
      readonly places: readonly (readonly PlacedJob[])[];
      /** Batches that found no place, and the job at which they stood: none unless they may be left out. */
      readonly leftOut: readonly Blocked[];
      readonly late: number;
      readonly ends: number;
    }
  | { readonly feasible: false; readonly batch: number; readonly job: number };

/** How much is tried, in jobs placed: enough for a small shop to be searched through, and a full one to answer at once. */
const EFFORT_JOBS = 2400;
/** Past this many jobs a shop is so full that only the first plain orders are tried. */
const FULL_SHOP_JOBS = 4500;
/** Up to this many batches every order is tried. */
const EVERY_ORDER_UP_TO = 5;
const LEANS: readonly Lean[] = ['ideal', 'late', 'early'];

type Arrangement = { readonly order: readonly number[]; readonly leans: readonly Lean[] };
type Worth = { readonly leftOut: readonly Blocked[]; readonly late: number; readonly ends: number };
type Tried = Worth & { readonly places: readonly PlacedJob[][] };
export type Blocked = { readonly batch: number; readonly job: number };

const endOf = (placed: readonly PlacedJob[]): number => placed.at(-1)?.end ?? 0;
const lateOf = (batch: DayBatch, end: number): number => (batch.due === null ? 0 : batch.weight * Math.max(0, end - batch.due));
function isBetter(a: Worth, b: Worth | null): boolean {
  if (b === null || a.leftOut.length !== b.leftOut.length) return b === null || a.leftOut.length < b.leftOut.length;
  return a.late < b.late - 1e-9 || (a.late < b.late + 1e-9 && a.ends < b.ends);
}

type Stay = { readonly spot: number; readonly taken: SpotTaken };

/** What a batch holds of the spots before it is placed: where it waits now, for at least its least time. */
const staysOf = (batch: DayBatch): Stay[] =>
  batch.jobs.flatMap((job, i) => {
    const next = batch.jobs[i + 1];
    if (!job.fixed || job.spot === null || !next || next.fixed) return [];
    return [{ spot: job.spot, taken: { from: job.fixed.end, to: Math.max(job.fixed.end + job.least, 1), units: job.units } }];
  });

/** The board with everything that is fixed on it, and nothing else. */
function fixedBoard(batches: readonly DayBatch[], board: ShopBoard): ShopBoard {
  const copy: ShopBoard = {
    ...board,
    busy: board.busy.map((spans) => [...spans]),
    taken: board.taken.map(({ at, units }) => ({ at: [...at], units: [...units] })),
  };
  for (const batch of batches)
    for (const job of batch.jobs)
      if (job.fixed && job.fixed.end > job.fixed.start) copy.busy[job.fixed.by]?.push([job.fixed.start, job.fixed.end]);
  return { ...copy, busy: copy.busy.map((spans) => union(spans)) };
}

type Seat = {
  readonly b: number;
  readonly lean: Lean;
  readonly placed: readonly PlacedJob[];
  /** The job at which the batch found no place; null where it has one. */
  readonly blockedAt: number | null;
  readonly takeOff: () => void;
};

/** Batches one after the other, each as early as what stands before it allows; what two orders have in common is not placed again. */
function table(batches: readonly DayBatch[], board: ShopBoard, mayLeaveOut: boolean) {
  const on = fixedBoard(batches, board);
  const stays = batches.map(staysOf);
  const holdOn = (b: number): void => {
    for (const { spot, taken } of stays[b] ?? []) fillSpots(on.taken[spot] as Filled, taken);
  };
  const letGo = (b: number): void => {
    for (const { spot, taken } of stays[b] ?? []) empty(on.taken[spot] as Filled, taken);
  };
  for (const b of batches.keys()) holdOn(b);
  const seats: Seat[] = [];
  return (way: Arrangement): Tried | Blocked => {
    let same = 0;
    while (same < seats.length && seats[same]?.b === way.order[same] && seats[same]?.lean === way.leans[way.order[same] ?? 0])
      same++;
    while (seats.length > same) {
      seats.pop()?.takeOff();
    }
    for (const b of way.order.slice(same)) {
      const batch = batches[b] as DayBatch;
      letGo(b);
      const chain = reachOf(batch, on);
      const lean = way.leans[b] ?? 'ideal';
      const { blockedAt } = chain;
      if (blockedAt !== null) {
        holdOn(b);
        if (!mayLeaveOut) return { batch: b, job: blockedAt };
        seats.push({ b, lean, placed: [], blockedAt, takeOff: () => undefined });
        continue;
      }
      const { placed, takeOff } = put(batch, traceTo(batch, chain, chain.reach.at(-1)?.[0]?.[0] ?? 0, lean), on);
      const standAgain = (): void => {
        takeOff();
        holdOn(b);
      };
      seats.push({ b, lean, placed, blockedAt, takeOff: standAgain });
    }
    const places: PlacedJob[][] = batches.map(() => []);
    for (const { b, placed } of seats) places[b] = [...placed];
    return {
      places,
      leftOut: seats.flatMap(({ b, blockedAt }) => (blockedAt === null ? [] : [{ batch: b, job: blockedAt }])),
      late: batches.reduce((sum, batch, b) => sum + lateOf(batch, endOf(places[b] ?? [])), 0),
      ends: places.reduce((sum, placed) => sum + endOf(placed), 0),
    };
  };
}

/** No plan can be better than every batch alone in the shop. */
function boundOf(batches: readonly DayBatch[], board: ShopBoard): Worth {
  const empty = fixedBoard(batches, board);
  const ends = batches.map((batch) => {
    const chain = reachOf(batch, empty);
    const last = batch.jobs.at(-1);
    return (chain.reach.at(-1)?.[0]?.[0] ?? 0) + (last?.fixed ? last.fixed.end - last.fixed.start : (last?.hands ?? 0));
  });
  return {
    leftOut: [],
    late: batches.reduce((sum, batch, b) => sum + lateOf(batch, ends[b] ?? 0), 0),
    ends: ends.reduce((sum, end) => sum + end, 0),
  };
}

/** Every order of some numbers. */
function* orders(numbers: readonly number[]): Generator<number[]> {
  if (numbers.length <= 1) yield [...numbers];
  else for (const first of numbers) for (const rest of orders(numbers.filter((one) => one !== first))) yield [first, ...rest];
}

const workOf = (batch: DayBatch): number =>
  batch.jobs.reduce((sum, job) => sum + job.hands + (Number.isFinite(job.least) ? job.least : 0), 0);

/** Orders a maker might take them in: by due date first of all, then by what presses. */
function firstOrders(batches: readonly DayBatch[]): number[][] {
  const by = (of: (batch: DayBatch) => number): number[] =>
    batches.map((_, i) => i).sort((a, b) => of(batches[a] as DayBatch) - of(batches[b] as DayBatch) || a - b);
  const due = (batch: DayBatch): number => batch.due ?? Number.MAX_SAFE_INTEGER;
  const wetFirst = (batch: DayBatch): number => (batch.jobs.some((job) => job.fixed) ? 0 : 1);
  return [
    by(due),
    by(wetFirst),
    by((batch) => due(batch) - workOf(batch)),
    by((batch) => -batch.weight),
    by((batch) => workOf(batch) / Math.max(batch.weight, 1e-3)),
    by((batch) => batch.release),
  ];
}

/** Numbers that look random and are the same every time: a plan must not jitter. */
function shuffler(): (below: number) => number {
  let state = 0x2545f491;
  return (below) => {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    return ((state >>> 0) / 4294967296) * below;
  };
}

/**
 * Arranges batches on the board: first in a few plain orders, then in every order of a small shop, then by taking some batches out of
 * the best order found and putting them back elsewhere. Never worse than by due date.
 * @param mayLeaveOut whether a batch that finds no place is left out, as few as may be; else one such batch makes the whole infeasible
 */
export function arrange(all: readonly DayBatch[], board: ShopBoard, mayLeaveOut = false): Arranged {
  const batches = settleLate(all, fixedBoard(all, board));
  const jobs = Math.max(
    1,
    batches.reduce((sum, batch) => sum + batch.jobs.length, 0),
  );
  let left = Math.max(Math.min(3, Math.ceil(FULL_SHOP_JOBS / jobs)), Math.floor(EFFORT_JOBS / jobs));
  let best: Tried | null = null;
  let way: Arrangement | null = null;
  let blocked: Blocked = { batch: 0, job: 0 };
  const bound = boundOf(batches, board);
  const build = table(batches, board, mayLeaveOut);
  const attempt = (next: Arrangement): boolean => {
    left--;
    const tried = build(next);
    if (!('places' in tried)) {
      blocked = tried;
      return false;
    }
    if (!isBetter(tried, best)) return false;
    best = tried;
    way = next;
    if (!isBetter(bound, tried)) left = 0;
    return true;
  };
  const plain = batches.map((): Lean => 'ideal');
  for (const order of firstOrders(batches)) if (left > 0) attempt({ order, leans: plain });
  if (batches.length <= EVERY_ORDER_UP_TO)
    for (const lean of LEANS)
      for (const order of orders(batches.map((_, i) => i))) if (left > 0) attempt({ order, leans: batches.map(() => lean) });
  const random = shuffler();
  const pick = (below: number): number => Math.floor(random(below));
  while (left > 0) {
    const from: Arrangement = way ?? { order: batches.map((_, i) => i), leans: plain };
    const order = [...from.order];
    const leans = [...from.leans];
    for (let moves = 1 + pick(3); moves > 0; moves--) {
      const [b] = order.splice(pick(order.length), 1);
      if (b === undefined) continue;
      order.splice(pick(order.length + 1), 0, b);
      if (random(1) < 0.5) leans[b] = LEANS[pick(LEANS.length)] ?? 'ideal';
    }
    attempt({ order, leans });
  }
  const found = best as Tried | null;
  return found ? { feasible: true, ...found } : { feasible: false, ...blocked };
}
