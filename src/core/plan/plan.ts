import { check } from '@/core/contract';
import { fail, formatInstant, type Issue, instantOf, MINUTES_PER_DAY, MS_PER_MINUTE, ok, type Result } from '@/core/quantity';
import { type Blocking, blockingOf } from './blocking';
import { openingsOf } from './openings';
import { PlanInput, type PlanStep } from './schema';
import { bestStarts, type ChainLink, type Reach, reachable } from './search';
import { intersect, type Span } from './spans';

/**
 * One planned job. `window` is chemistry: harm lies outside it (null: nothing bounds it on that side).
 * `slackUntil` is only the plan's: the latest start that still lets it end when it says.
 */
export type PlannedStep = {
  readonly id: string;
  readonly startAt: string;
  readonly endAt: string;
  readonly window: { readonly earliest: string | null; readonly latest: string | null };
  readonly slackUntil: string;
};

export type Missed = { readonly id: string; readonly byMin: number };
export type Plan =
  | {
      readonly feasible: true;
      readonly endsAt: string;
      readonly deviationMin: number;
      readonly steps: readonly PlannedStep[];
      readonly missed?: readonly Missed[];
    }
  | { readonly feasible: false; readonly blocking: Blocking; readonly missed?: readonly Missed[] };

type Input = ReturnType<typeof PlanInput.parse>;
type Done = { readonly id: string; readonly startMs: number; readonly endMs: number };

/** Whole minutes: hands and least waits up, longest waits down, so that no rounding breaks a window. */
function linkOf({ handsMin, wait }: PlanStep): ChainLink {
  const least = Math.ceil(wait.min);
  const most = wait.max === null ? Number.POSITIVE_INFINITY : Math.floor(wait.max);
  return { hands: Math.ceil(handsMin), least, ideal: Math.min(Math.max(Math.ceil(wait.ideal), least), most), most };
}

/** The steps already done must be the first ones, in order, each after the one before. */
function readActual({ actual, steps, zone }: Input): Result<readonly Done[]> {
  const issues: Issue[] = [];
  const done: Done[] = [];
  actual.forEach(({ id, startAt, endAt }, index) => {
    const start = instantOf(startAt, zone);
    const end = instantOf(endAt, zone);
    const path = `actual.${index}`;
    if (steps[index]?.id !== id)
      issues.push({ code: 'step-out-of-order', path: `${path}.id`, with: { id, expected: steps[index]?.id ?? '' } });
    if (!start.ok) issues.push({ code: 'bad-time', path: `${path}.startAt`, with: { text: startAt } });
    if (!end.ok) issues.push({ code: 'bad-time', path: `${path}.endAt`, with: { text: endAt } });
    if (!start.ok || !end.ok) return;
    if (end.value < start.value || start.value < (done.at(-1)?.endMs ?? Number.NEGATIVE_INFINITY))
      issues.push({ code: 'actual-backwards', path });
    done.push({ id, startMs: start.value, endMs: end.value });
  });
  return issues.length > 0 ? { ok: false, issues } : ok(done);
}

/** Where the plan counts from: its start, or the horizon before the time it must be finished by. */
function readMoments(input: Input): Result<{ startMs: number; nowMs: number; finishMs: number | null }> {
  const issues: Issue[] = [];
  const read = (text: string, path: string): number => {
    const moment = instantOf(text, input.zone);
    if (moment.ok) return moment.value;
    const unknown = moment.issues[0]?.code === 'unknown-zone';
    issues.push(
      unknown ? { code: 'unknown-zone', path: 'zone', with: { zone: input.zone } } : { code: 'bad-time', path, with: { text } },
    );
    return 0;
  };
  const nowMs = input.now === undefined ? Number.NEGATIVE_INFINITY : read(input.now, 'now');
  const finishMs = input.finishBy === undefined ? null : read(input.finishBy, 'finishBy');
  const startMs =
    finishMs === null
      ? read(input.start ?? '', 'start')
      : Math.max(nowMs, finishMs - input.horizonDays * MINUTES_PER_DAY * MS_PER_MINUTE);
  return issues.length > 0 ? { ok: false, issues } : ok({ startMs, nowMs, finishMs });
}

/** Minutes after the base at which the first job left may start, what was ideal for it, and by how much its window is past. */
type Entry = { readonly first: Span; readonly ideal?: number; readonly window?: Span; readonly missedBy: number };

function entryOf(
  before: { readonly link: ChainLink; readonly endMin: number } | undefined,
  nowMin: number,
  horizonMin: number,
): Entry {
  if (!before) return { first: [Math.max(0, Math.ceil(nowMin)), horizonMin], missedBy: 0 };
  const { link, endMin } = before;
  const window: Span = [Math.ceil(endMin + link.least), Math.floor(endMin + link.most)];
  const missedBy = Math.max(0, nowMin - (endMin + link.most));
  const latest = missedBy > 0 ? horizonMin : Math.min(window[1], horizonMin);
  return { first: [Math.max(window[0], Math.ceil(nowMin)), latest], ideal: Math.round(endMin + link.ideal), window, missedBy };
}

/** Latest start of every job that still lets the last one start as planned: the chain run backwards from its end. */
function slacks(links: readonly ChainLink[], reach: Reach, lastStart: number): number[] {
  const latest: number[] = [];
  let until: readonly Span[] = [[Number.NEGATIVE_INFINITY, lastStart]];
  for (let i = links.length - 1; i >= 0; i--) {
    const { hands, least, most } = links[i] as ChainLink;
    const starts =
      i === links.length - 1
        ? intersect(reach[i] ?? [], until)
        : intersect(
            reach[i] ?? [],
            until.map(([low, high]): Span => [low - hands - most, high - hands - least]).sort((a, b) => a[0] - b[0]),
          );
    latest.unshift(starts.reduce((most_, [, to]) => Math.max(most_, to), Number.NEGATIVE_INFINITY));
    until = starts;
  }
  return latest;
}

type Say = (ms: number) => string;

/** The steps already done, each with the window it had. */
function pastSteps(done: readonly Done[], links: readonly ChainLink[], say: Say): PlannedStep[] {
  return done.map(({ id, startMs, endMs }, index) => {
    const previous = done[index - 1];
    const link = links[index - 1];
    const after = (minutes: number): string | null =>
      previous && Number.isFinite(minutes) ? say(previous.endMs + minutes * MS_PER_MINUTE) : null;
    const window = { earliest: link ? after(link.least) : null, latest: link ? after(link.most) : null };
    return { id, startAt: say(startMs), endAt: say(endMs), window, slackUntil: say(startMs) };
  });
}

type Ahead = {
  readonly steps: readonly PlanStep[];
  readonly links: readonly ChainLink[];
  readonly starts: readonly number[];
  readonly latest: readonly number[];
  readonly entry: Entry;
};

/** The steps to come, in minutes after a base that `sayMinute` knows. */
function futureSteps({ steps, links, starts, latest, entry }: Ahead, sayMinute: (minute: number) => string): PlannedStep[] {
  return steps.map((step, i) => {
    const start = starts[i] as number;
    const before = links[i - 1];
    const ready = before ? (starts[i - 1] as number) + before.hands : 0;
    const span: Span | undefined = before ? [ready + before.least, ready + before.most] : entry.window;
    return {
      id: step.id,
      startAt: sayMinute(start),
      endAt: sayMinute(start + (links[i] as ChainLink).hands),
      window: {
        earliest: span ? sayMinute(span[0]) : null,
        latest: span && Number.isFinite(span[1]) ? sayMinute(span[1]) : null,
      },
      slackUntil: sayMinute(latest[i] as number),
    };
  });
}

/** Σ|wait − ideal| over the waits still to come, the one being waited now among them. */
function deviationOf({ links, starts, entry }: Ahead): number {
  const waits = links
    .slice(0, -1)
    .map((link, i) => Math.abs((starts[i + 1] as number) - (starts[i] as number) - link.hands - link.ideal));
  const pending = entry.ideal === undefined ? 0 : Math.abs((starts[0] as number) - entry.ideal);
  return waits.reduce((sum, wait) => sum + wait, pending);
}

/** Days after the ideal length within which a plan without any deviation is looked for first. */
const QUICK_DAYS = 7;

/**
 * A plan at the ideal times that leaves nothing to be desired, found near the start: none can deviate less, and one that ended
 * earlier would have been found as well. Null when there is none there; then the whole horizon is looked through.
 */
function quickStarts(links: readonly ChainLink[], reach: Reach, prefer: 'soonest' | 'ideal', entry: Entry): number[] | null {
  if (prefer === 'soonest') return null;
  const length = links.reduce((sum, link) => sum + link.hands + link.ideal, 0);
  const until = entry.first[0] + length + QUICK_DAYS * MINUTES_PER_DAY;
  const near = reach.map((spans) => intersect(spans, [[Number.NEGATIVE_INFINITY, until]]));
  if (near.some((spans) => spans.length === 0)) return null;
  const starts = bestStarts(links, near, prefer, entry.ideal);
  const deviates = starts.some(
    (start, i) =>
      i > 0 && start !== (starts[i - 1] as number) + (links[i - 1] as ChainLink).hands + (links[i - 1] as ChainLink).ideal,
  );
  return deviates || (entry.ideal !== undefined && starts[0] !== entry.ideal) ? null : starts;
}

/**
 * When each job of one batch must be done (calc.md, 7): hands inside the shop's hours, waits inside their windows, exact on whole minutes.
 * Clock changes inside a wait do not bend it. With `actual` (and `now`) the rest is planned from what happened;
 * with `finishBy` instead of `start` it begins as late as it can and still ends by then.
 * @returns the plan, or what stands in its way; issues for input that makes no sense
 */
export function plan(raw: unknown): Result<Plan> {
  const checked = check(PlanInput, raw);
  if (!checked.ok) return checked;
  const input = checked.value;
  const moments = readMoments(input);
  if (!moments.ok) return moments;
  const actual = readActual(input);
  if (!actual.ok) return actual;
  const allLinks = input.steps.map(linkOf);
  const unfit = allLinks.findIndex((link) => link.most < link.least);
  if (unfit >= 0) return fail('wait-order', `steps.${unfit}.wait`);
  const done = actual.value;
  const { startMs, nowMs, finishMs } = moments.value;
  const baseMs = Math.ceil(startMs / MS_PER_MINUTE) * MS_PER_MINUTE;
  const minuteOf = (ms: number): number => (ms - baseMs) / MS_PER_MINUTE;
  const say: Say = (ms) => formatInstant(ms, input.zone);
  const sayMinute = (minute: number): string => say(baseMs + minute * MS_PER_MINUTE);
  const past = pastSteps(done, allLinks, say);
  const [steps, links] = [input.steps.slice(done.length), allLinks.slice(done.length)];
  const lastDone = done.at(-1);
  if (links.length === 0) return ok({ feasible: true, endsAt: say(lastDone?.endMs ?? baseMs), deviationMin: 0, steps: past });
  const fromMs = Math.max(nowMs, lastDone?.endMs ?? baseMs, baseMs);
  const horizonMin =
    finishMs === null ? input.horizonDays * MINUTES_PER_DAY + minuteOf(fromMs) : Math.max(0, Math.floor(minuteOf(finishMs)));
  let entry = entryOf(
    lastDone && { link: allLinks[done.length - 1] as ChainLink, endMin: minuteOf(lastDone.endMs) },
    minuteOf(nowMs),
    horizonMin,
  );
  const missed = entry.missedBy > 0 && steps[0] ? { missed: [{ id: steps[0].id, byMin: entry.missedBy }] } : {};
  const openings = openingsOf(input, baseMs, horizonMin).map(([open, close]): Span => [open, Math.min(close, horizonMin)]);
  let reach = reachable(links, openings, entry.first);
  const blockedAt = reach.findIndex((spans) => spans.length === 0);
  if (blockedAt >= 0) {
    const blocking = blockingOf(input.steps, links, done.length, blockedAt, openings, input.horizonDays);
    if (finishMs === null) return ok({ feasible: false, blocking, ...missed });
    // Without the date: either it fits nowhere, for the same reason, or only the date stands in the way.
    const { finishBy: _, ...dateless } = input;
    const anyhow = plan({ ...dateless, start: say(baseMs) });
    return !anyhow.ok || !anyhow.value.feasible ? anyhow : ok({ feasible: false, blocking: { ...blocking, why: 'not-by-then' } });
  }
  if (finishMs !== null) {
    // The chain run backwards from the last minute it may end in: nothing begins later and still ends by then.
    const [latest = 0] = slacks(links, reach, horizonMin);
    entry = { ...entry, first: [latest, latest] };
    reach = reachable(links, openings, entry.first);
  }
  const starts = quickStarts(links, reach, input.prefer, entry) ?? bestStarts(links, reach, input.prefer, entry.ideal);
  const lastStart = starts.at(-1) as number;
  const ahead: Ahead = { steps, links, starts, latest: slacks(links, reach, lastStart), entry };
  return ok({
    feasible: true,
    endsAt: sayMinute(lastStart + (links.at(-1) as ChainLink).hands),
    deviationMin: deviationOf(ahead),
    steps: [...past, ...futureSteps(ahead, sayMinute)],
    ...missed,
  });
}
