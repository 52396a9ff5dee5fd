import { firstAt, intersect, type Span, shift, union } from './spans';
import { empty, type Filled, fillSpots, roomFor, type SpotTaken } from './spots';

/** One job of a batch in whole minutes; `fixed` where it has been done, is under way or is pinned. */
export type DayJob = {
  readonly id: string;
  readonly hands: number;
  readonly by: readonly number[];
  readonly least: number;
  readonly ideal: number;
  readonly most: number;
  readonly spot: number | null;
  readonly units: number;
  readonly fixed: { readonly start: number; readonly end: number; readonly by: number } | null;
  /** The one minute it may start at, where a person holds it there. */
  readonly pin: number | null;
};

export type DayBatch = {
  readonly id: string;
  readonly release: number;
  readonly due: number | null;
  readonly weight: number;
  readonly jobs: readonly DayJob[];
  /** Whether the step after the last one done is past its window: it is due at once, before anything else. */
  readonly late: boolean;
};

/** Where one job lies: its minutes, whose hands. */
export type PlacedJob = { readonly start: number; readonly end: number; readonly by: number };
/** The shop as it stands: when each pair of hands is open and busy, what each spot holds. */
export type ShopBoard = {
  readonly open: readonly (readonly Span[])[];
  readonly busy: readonly Span[][];
  readonly capacity: readonly number[];
  readonly taken: readonly Filled[];
  readonly horizon: number;
};

/** Which of the fitting earlier times a job takes when its follower is placed. */
export type Lean = 'ideal' | 'early' | 'late';

/** The first of some spans, in order and apart, that ends after a minute. */
const firstPast = (spans: readonly Span[], minute: number): number =>
  firstAt(spans.length, (i) => (spans[i] as Span)[1] > minute);

/** Minutes at which a job of some length may start, between what keeps a pair of hands busy. */
function startsOf(open: readonly Span[], busy: readonly Span[], hands: number, from: number, until: number): Span[] {
  const starts: Span[] = [];
  let b = firstPast(busy, from);
  for (let o = firstPast(open, from - 1); o < open.length; o++) {
    const [opens, closes] = open[o] as Span;
    if (opens > until) break;
    while (b < busy.length && (busy[b] as Span)[1] <= opens) b++;
    let at = opens;
    for (let i = b; i < busy.length && (busy[i] as Span)[0] < closes; i++) {
      const [starts_, ends] = busy[i] as Span;
      if (starts_ - hands >= at) starts.push([at, starts_ - hands]);
      at = Math.max(at, ends);
    }
    if (closes - hands >= at) starts.push([at, closes - hands]);
  }
  return starts;
}

const ENDLESS = Number.POSITIVE_INFINITY;

/** What follows from the job before: where the next may start, by its wait and the room where it waits. */
function follow(job: DayJob, starts: readonly Span[], room: readonly Span[] | null, horizon: number): Span[] {
  const length = job.fixed ? job.fixed.end - job.fixed.start : job.hands;
  const ends = starts.map(([a, b]): Span => [a + length, b + length]);
  const most = job.most === ENDLESS ? horizon : job.most;
  if (!room) return shift(ends, job.least, most);
  const spans = room.flatMap((here) => intersect(shift(intersect(ends, [here]), job.least, most), [here]));
  // A wait of no time takes no room.
  return union(job.least === 0 ? [...spans, ...ends] : spans);
}

export type Chain = { readonly reach: readonly (readonly Span[])[]; readonly rooms: readonly (readonly Span[] | null)[] };

/** How far past its least time a batch is looked for at first, and by how much further each time it does not fit, minutes. */
const LOOK_MIN = 4 * 1440;
const LOOK_FURTHER = 3;

/** Every start of every job that the jobs before it allow, looked for near the start first; `blockedAt` names the first that has none. */
export function reachOf(batch: DayBatch, board: ShopBoard): Chain & { readonly blockedAt: number | null } {
  const begins = Math.max(batch.release, ...batch.jobs.map((job) => job.fixed?.end ?? 0), 0);
  const least = batch.jobs.reduce((sum, job) => sum + job.hands + job.least, 0);
  for (let look = LOOK_MIN; ; look *= LOOK_FURTHER) {
    const until = Math.min(board.horizon, begins + least + look);
    const chain = reachUntil(batch, board, until);
    if (chain.blockedAt === null || until >= board.horizon) return chain;
  }
}

function reachUntil(batch: DayBatch, board: ShopBoard, horizon: number): Chain & { readonly blockedAt: number | null } {
  const reach: Span[][] = [];
  const rooms: (readonly Span[] | null)[] = [];
  let may: readonly Span[] = [[Math.max(batch.release, 0), horizon]];
  for (const [i, job] of batch.jobs.entries()) {
    const before = batch.jobs[i - 1];
    if (job.fixed) reach.push([[job.fixed.start, job.fixed.start]]);
    else {
      // A window that closed before now, after a job that is done, opens again from now: late, and said to be.
      if (before?.fixed && (may.at(-1)?.[1] ?? -1) < 0) may = [[0, horizon]];
      const free = union(
        job.by.flatMap((hand) =>
          startsOf(board.open[hand] ?? [], board.busy[hand] ?? [], job.hands, may[0]?.[0] ?? 0, may.at(-1)?.[1] ?? 0),
        ),
      );
      const held: Span = job.pin === null ? [0, horizon] : [job.pin, job.pin];
      const starts = intersect(free, intersect(may, [held]));
      if (starts.length === 0) return { reach, rooms, blockedAt: i };
      reach.push(starts);
    }
    const isLast = i === batch.jobs.length - 1;
    const room =
      isLast || job.spot === null
        ? null
        : roomFor(board.capacity[job.spot] ?? 0, job.units, board.taken[job.spot] as Filled, [reach[i]?.[0]?.[0] ?? 0, horizon]);
    rooms.push(room);
    if (!isLast) may = follow(job, reach[i] as Span[], room, horizon);
  }
  return { reach, rooms, blockedAt: null };
}

/** The point of some spans nearest to a wanted one. */
function nearest(spans: readonly Span[], wanted: number): number {
  let best = Number.NaN;
  for (const [a, b] of spans) {
    const at = Math.min(b, Math.max(a, wanted));
    if (Number.isNaN(best) || Math.abs(at - wanted) < Math.abs(best - wanted)) best = at;
  }
  return best;
}

const lengthOf = (job: DayJob): number => (job.fixed ? job.fixed.end - job.fixed.start : job.hands);

/** Starts of a job from which its follower can start somewhere in `next`, in the room where it waits. */
function allowed(job: DayJob, next: readonly Span[], reach: readonly Span[], room: readonly Span[] | null): Span[] {
  const length = lengthOf(job);
  if (job.fixed) return [...reach];
  const most = Math.min(job.most, next.at(-1)?.[1] ?? 0);
  const before = (spans: readonly Span[]): Span[] =>
    union(spans.map(([a, b]): Span => [a - most - length, b - job.least - length]));
  if (!room) return intersect(reach, before(next));
  const inRoom = room.flatMap(([from, to]) =>
    intersect(intersect(reach, before(intersect(next, [[from, to]]))), [[from - length, to - length]]),
  );
  // A wait of no time takes no room.
  return union(
    job.least === 0 ? [...inRoom, ...intersect(reach, union(next.map(([a, b]): Span => [a - length, b - length])))] : inRoom,
  );
}

/** Where a job may start after the one before it started at a minute. */
function after(job: DayJob, start: number, next: readonly Span[], room: readonly Span[] | null): Span[] {
  const end = start + lengthOf(job);
  const window: Span = [end + job.least, end + Math.min(job.most, Math.max(next.at(-1)?.[1] ?? 0, end))];
  const within = intersect(next, [window]);
  const here = room?.find(([from, to]) => from <= end && end <= to);
  if (!room) return within;
  const inRoom = here ? intersect(within, [here]) : [];
  return inRoom.length > 0 || job.least > 0 ? inRoom : intersect(next, [[end, end]]);
}

/** Starts of all jobs that end with the last at a minute: from the first on, each nearest to its ideal, or as early or late as it may. */
export function traceTo(batch: DayBatch, { reach, rooms }: Chain, last: number, lean: Lean): number[] {
  const { jobs } = batch;
  const ways: Span[][] = [[[last, last]]];
  for (let i = jobs.length - 2; i >= 0; i--)
    ways.unshift(allowed(jobs[i] as DayJob, ways[0] as Span[], reach[i] ?? [], rooms[i] ?? null));
  const starts: number[] = [];
  for (const [i, job] of jobs.entries()) {
    const before = jobs[i - 1];
    const from = starts[i - 1];
    if (job.fixed) {
      starts.push(job.fixed.start);
      continue;
    }
    const way = ways[i] as Span[];
    const follows = before && from !== undefined ? after(before, from, way, rooms[i - 1] ?? null) : way;
    // After a step that is done the window may be past, or its place over-full: then it goes on from now.
    const spans = follows.length === 0 && before?.fixed ? way : follows;
    const ideal = before && from !== undefined ? from + lengthOf(before) + before.ideal : Number.NEGATIVE_INFINITY;
    starts.push(
      lean === 'late'
        ? (spans.at(-1)?.[1] ?? Number.NaN)
        : lean === 'early' || !Number.isFinite(ideal)
          ? (spans[0]?.[0] ?? Number.NaN)
          : nearest(spans, ideal),
    );
  }
  return starts;
}

/** Whether some opening holds a job whole. */
function hasOpen(open: readonly Span[], start: number, hands: number): boolean {
  const opening = open[firstPast(open, start + hands - 1)];
  return opening !== undefined && opening[0] <= start;
}

/** Whether hands are busy at some minute of a stretch. */
function isTaken(busy: readonly Span[], start: number, end: number): boolean {
  const next = busy[firstPast(busy, start)];
  return next !== undefined && next[0] < end;
}

/** Whose hands are free for a job; of several, those that are open the shortest around it, so that the others stay whole. */
function handFor(job: DayJob, start: number, board: ShopBoard): number {
  const free = job.by.filter(
    (hand) => hasOpen(board.open[hand] ?? [], start, job.hands) && !isTaken(board.busy[hand] ?? [], start, start + job.hands),
  );
  const spare = (hand: number): number => {
    const open = board.open[hand] ?? [];
    const opening = open[firstPast(open, start - 1)];
    return opening && opening[0] <= start ? opening[1] - opening[0] : ENDLESS;
  };
  return free.sort((a, b) => spare(a) - spare(b) || a - b)[0] ?? job.by[0] ?? 0;
}

const insert = (busy: Span[], span: Span): void => {
  let at = busy.length;
  while (at > 0 && (busy[at - 1] as Span)[0] > span[0]) at--;
  busy.splice(at, 0, span);
};

/**
 * What is past its window already, put where the first hands are free, before anything else is placed: it does not wait for a better plan.
 * Gives the batches with those jobs fixed.
 * @param board a board of its own, on which the hands they take are marked
 */
export function settleLate(batches: readonly DayBatch[], board: ShopBoard): DayBatch[] {
  const settled = [...batches];
  for (const [b, batch] of batches.entries()) {
    if (!batch.late) continue;
    const index = batch.jobs.findLastIndex((job) => job.fixed !== null) + 1;
    const job = batch.jobs[index];
    if (!job) continue;
    const starts = union(
      job.by.flatMap((hand) => startsOf(board.open[hand] ?? [], board.busy[hand] ?? [], job.hands, 0, board.horizon)),
    );
    const start = starts[0] ? Math.max(0, starts[0][0]) : null;
    if (start === null) continue;
    const by = handFor(job, start, board);
    const fixed = { start, end: start + job.hands, by };
    if (job.hands > 0) insert(board.busy[by] as Span[], [fixed.start, fixed.end]);
    settled[b] = { ...batch, jobs: batch.jobs.map((one, i) => (i === index ? { ...one, fixed } : one)) };
  }
  return settled;
}

/** Puts a batch on the board; gives where its jobs lie and how to take them off again. */
export function put(
  batch: DayBatch,
  starts: readonly number[],
  board: ShopBoard,
): { readonly placed: readonly PlacedJob[]; readonly takeOff: () => void } {
  const undo: (() => void)[] = [];
  const placed = batch.jobs.map((job, i): PlacedJob => {
    if (job.fixed) return job.fixed;
    const start = starts[i] as number;
    const by = handFor(job, start, board);
    if (job.hands > 0) {
      const span: Span = [start, start + job.hands];
      const busy = board.busy[by] as Span[];
      insert(busy, span);
      undo.push(() => busy.splice(busy.lastIndexOf(span), 1));
    }
    return { start, end: start + job.hands, by };
  });
  batch.jobs.forEach((job, i) => {
    const next = placed[i + 1];
    if (job.spot === null || !next) return;
    const filled = board.taken[job.spot] as Filled;
    const stay: SpotTaken = { from: (placed[i] as PlacedJob).end, to: next.start, units: job.units };
    fillSpots(filled, stay);
    undo.push(() => empty(filled, stay));
  });
  return { placed, takeOff: () => undo.reverse().forEach((run) => void run()) };
}
