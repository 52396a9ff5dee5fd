import { check } from '@/core/contract';
import { fail, formatInstant, type Issue, instantOf, MINUTES_PER_DAY, MS_PER_MINUTE, ok, type Result } from '@/core/quantity';
import { type Arranged, arrange, type Blocked } from './arrange';
import type { Blocking } from './blocking';
import { DayInput } from './day-schema';
import { openingsOf } from './openings';
import type { DayBatch, DayJob, ShopBoard } from './place';
import { filledWith } from './spots';

export type DayStepAt = { readonly id: string; readonly startAt: string; readonly endAt: string; readonly by: string };
export type DayPlan =
  | {
      readonly feasible: true;
      /** `Σ weight·max(0, end − dueAt)`, minutes. */
      readonly lateMin: number;
      /** Sum of the batches' ends, minutes after the start. */
      readonly sumEndMin: number;
      readonly batches: readonly {
        readonly id: string;
        readonly endsAt: string;
        readonly lateMin: number;
        readonly steps: readonly DayStepAt[];
      }[];
    }
  | { readonly feasible: false; readonly blocking: BatchBlocking };

type PlannedDay = Extract<DayPlan, { feasible: true }>;

/** What stands in the way of one batch. */
export type BatchBlocking = Blocking & { readonly batchId: string };

type Input = ReturnType<typeof DayInput.parse>;
type Read = { readonly board: ShopBoard; readonly batches: readonly DayBatch[]; readonly startMs: number };

/** Whether the step after the last one done is past its window already. */
function isLate(jobs: readonly DayJob[]): boolean {
  const last = jobs.findLastIndex((job) => job.fixed !== null);
  const job = jobs[last];
  return job?.fixed != null && jobs[last + 1] !== undefined && job.fixed.end + job.most < 0;
}

const jobKey = (batch: string, step: string): string => JSON.stringify([batch, step]);

/** Where the first row of each job stands. */
function firstOf(rows: readonly { readonly batch: string; readonly step: string }[]): ReadonlyMap<string, number> {
  const at = new Map<string, number>();
  for (const [i, { batch, step }] of rows.entries()) if (!at.has(jobKey(batch, step))) at.set(jobKey(batch, step), i);
  return at;
}

/** Everything in whole minutes after the start: hands and least waits up, longest waits down, so that no rounding breaks a window. */
function read(input: Input): Result<Read> {
  const issues: Issue[] = [];
  const moment = (text: string, path: string): number => {
    const found = instantOf(text, input.zone);
    if (found.ok) return found.value;
    const unknown = found.issues[0]?.code === 'unknown-zone';
    issues.push(
      unknown ? { code: 'unknown-zone', path: 'zone', with: { zone: input.zone } } : { code: 'bad-time', path, with: { text } },
    );
    return 0;
  };
  const startMs = moment(input.start, 'start');
  if (issues.length > 0) return { ok: false, issues };
  const minute = (text: string, path: string): number => (moment(text, path) - startMs) / MS_PER_MINUTE;
  const horizon = input.horizonDays * MINUTES_PER_DAY;
  const handIds = input.hands.map((hand) => hand.id);
  const spotIds = input.spots.map((spot) => spot.id);
  const twice = (ids: readonly string[], path: string): void => {
    const seen = new Set<string>();
    const id = ids.find((one) => seen.size === seen.add(one).size);
    if (id !== undefined) issues.push({ code: 'duplicate-id', path, with: { id } });
  };
  twice(handIds, 'hands');
  twice(spotIds, 'spots');
  twice(
    input.batches.map((batch) => batch.id),
    'batches',
  );
  const known = new Set(input.batches.flatMap((batch) => batch.steps.map((step) => jobKey(batch.id, step.id))));
  const [fixedAt, pinAt] = [firstOf(input.fixed), firstOf(input.pins)];
  const fixedOf = (batchId: string, stepId: string): DayJob['fixed'] => {
    const index = fixedAt.get(jobKey(batchId, stepId)) ?? -1;
    const one = input.fixed[index];
    if (!one) return null;
    const [start, end] = [minute(one.startAt, `fixed.${index}.startAt`), minute(one.endAt, `fixed.${index}.endAt`)];
    if (end < start) issues.push({ code: 'actual-backwards', path: `fixed.${index}` });
    return { start: Math.floor(start), end: Math.ceil(end), by: handIds.indexOf(one.by) };
  };
  const pinOf = (batchId: string, stepId: string): number | null => {
    const index = pinAt.get(jobKey(batchId, stepId)) ?? -1;
    const one = input.pins[index];
    return one ? Math.round(minute(one.startAt, `pins.${index}.startAt`)) : null;
  };
  const batches = input.batches.map((batch, b): DayBatch => {
    twice(
      batch.steps.map((step) => step.id),
      `batches.${b}.steps`,
    );
    const row = {
      id: batch.id,
      release: Math.ceil(minute(batch.release, `batches.${b}.release`)),
      due: batch.dueAt ? minute(batch.dueAt, `batches.${b}.dueAt`) : null,
      weight: batch.weight,
      jobs: batch.steps.map((step, s): DayJob => {
        const path = `batches.${b}.steps.${s}`;
        const by = step.by ?? handIds;
        for (const id of by) if (!handIds.includes(id)) issues.push({ code: 'unknown-line', path: `${path}.by`, with: { id } });
        const { spot } = step.wait;
        if (spot !== undefined && !spotIds.includes(spot))
          issues.push({ code: 'unknown-line', path: `${path}.wait.spot`, with: { id: spot } });
        const least = Math.ceil(step.wait.min);
        const most = step.wait.max === null ? Number.POSITIVE_INFINITY : Math.floor(step.wait.max);
        return {
          id: step.id,
          hands: Math.ceil(step.handsMin),
          by: by.map((id) => handIds.indexOf(id)),
          least,
          ideal: Math.min(Math.max(Math.ceil(step.wait.ideal), least), most),
          most,
          spot: spot === undefined ? null : spotIds.indexOf(spot),
          units: step.wait.units,
          fixed: fixedOf(batch.id, step.id),
          pin: pinOf(batch.id, step.id),
        };
      }),
    };
    return { ...row, late: isLate(row.jobs) };
  });
  input.fixed.forEach((one, i) => {
    if (!known.has(jobKey(one.batch, one.step)))
      issues.push({ code: 'unknown-line', path: `fixed.${i}`, with: { id: `${one.batch}/${one.step}` } });
  });
  if (issues.length > 0) return { ok: false, issues };
  const board: ShopBoard = {
    open: input.hands.map((hand) =>
      openingsOf({ zone: input.zone, shopHours: hand.hours, closed: hand.closed }, startMs, horizon),
    ),
    busy: input.hands.map(() => []),
    capacity: input.spots.map((spot) => spot.capacity),
    taken: input.spots.map(() => filledWith([])),
    horizon,
  };
  return ok({ board, batches, startMs });
}

function sayPlan({ batches, startMs }: Read, input: Input, { places }: Extract<Arranged, { feasible: true }>): PlannedDay {
  const say = (minute: number): string => formatInstant(startMs + minute * MS_PER_MINUTE, input.zone);
  const rows = batches.map((batch, b) => {
    const placed = places[b] ?? [];
    const end = placed.at(-1)?.end ?? 0;
    return {
      id: batch.id,
      end,
      endsAt: say(end),
      lateMin: batch.due === null ? 0 : Math.max(0, end - batch.due) * batch.weight,
      steps: placed.map(({ start, end: until, by }, i) => ({
        id: batch.jobs[i]?.id ?? '',
        startAt: say(start),
        endAt: say(until),
        by: input.hands[by]?.id ?? input.fixed.find((one) => one.batch === batch.id && one.step === batch.jobs[i]?.id)?.by ?? '',
      })),
    };
  });
  return {
    feasible: true,
    lateMin: rows.reduce((sum, row) => sum + row.lateMin, 0),
    sumEndMin: rows.reduce((sum, row) => sum + row.end, 0),
    batches: rows.map(({ end: _, ...row }) => row),
  };
}

/** Why a job of a batch found no place. */
function blockingOf({ batches, board }: Read, input: Input, at: Blocked): BatchBlocking {
  const batch = batches[at.batch] as DayBatch;
  const job = batch.jobs[at.job] as DayJob;
  const before = batch.jobs[at.job - 1];
  const longest = Math.max(0, ...job.by.flatMap((hand) => (board.open[hand] ?? []).map(([a, b]) => b - a)));
  const why =
    longest === 0
      ? 'no-opening'
      : longest < job.hands
        ? 'no-opening-long-enough'
        : before && before.most !== Number.POSITIVE_INFINITY
          ? 'no-opening-in-window'
          : 'past-horizon';
  return {
    batchId: batch.id,
    stepId: job.id,
    why,
    handsMin: job.hands,
    longestMin: longest,
    horizonDays: input.horizonDays,
    ...(before
      ? {
          after: before.id,
          waitMin: before.least,
          ...(before.most === Number.POSITIVE_INFINITY ? {} : { waitMax: before.most }),
        }
      : {}),
  };
}

/**
 * The whole shop's plan (calc.md, 7): least weighted lateness, then the least sum of ends; no hands in two places or outside their hours,
 * no spot over capacity, no window broken, nothing fixed moved. The same input gives the same plan.
 * @param input hands, spots, batches and what is fixed; times ISO 8601 in the zone's wall clock or with offset
 */
export function day(input: unknown): Result<DayPlan> {
  const checked = check(DayInput, input);
  if (!checked.ok) return checked;
  if (checked.value.batches.length === 0) return ok({ feasible: true, lateMin: 0, sumEndMin: 0, batches: [] });
  const found = read(checked.value);
  if (!found.ok) return found;
  const arranged = arrange(found.value.batches, found.value.board);
  return ok(
    arranged.feasible
      ? sayPlan(found.value, checked.value, arranged)
      : { feasible: false, blocking: blockingOf(found.value, checked.value, arranged) },
  );
}

/** A shop as far as it can be planned: the plan of what finds a place, and what does not. */
export type OpenDay = {
  readonly plan: PlannedDay;
  readonly leftOut: readonly BatchBlocking[];
  /** Pins that had to be let go of, for their batch would have found no place. */
  readonly unheld: NonNullable<DayInput['pins']>;
};

/**
 * The plan of a shop that may be too full: batches that find no place are left out, as few as may be, after their pins were let go of.
 * Where all find a place it is the plan of `day`.
 */
export function openDay(input: unknown): Result<OpenDay> {
  const checked = check(DayInput, input);
  if (!checked.ok) return checked;
  let asked = checked.value;
  const unheld: Input['pins'][number][] = [];
  for (;;) {
    const found = read(asked);
    if (!found.ok) return found;
    const arranged = arrange(found.value.batches, found.value.board, true);
    if (!arranged.feasible) return fail('invalid', 'batches', { detail: 'nothing can be planned' });
    const leftOut = arranged.leftOut.map((one) => blockingOf(found.value, asked, one));
    const without = new Set(leftOut.map((one) => one.batchId));
    const held = asked.pins.filter((one) => without.has(one.batch));
    if (held.length === 0) {
      const plan = sayPlan(found.value, asked, arranged);
      return ok({ plan: { ...plan, batches: plan.batches.filter((one) => !without.has(one.id)) }, leftOut, unheld });
    }
    unheld.push(...held);
    asked = { ...asked, pins: asked.pins.filter((one) => !without.has(one.batch)) };
  }
}
