import { check } from '@/core/contract';
import { fail, formatInstant, instantOf, type Issue, MS_PER_MINUTE, ok, type Result } from '@/core/quantity';
import { type Blocking, blockingOf } from './blocking';
import { openingsOf } from './openings';
import { PlanInput, type PlanStep } from './schema';
import { bestStarts, type Link, type Reach, reachable } from './search';
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
function linkOf({ handsMin, wait }: PlanStep): Link {
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

function readMoments(input: Input): Result<{ startMs: number; nowMs: number }> {
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
  const startMs = read(input.start ?? '', 'start');
  const nowMs = input.now === undefined ? Number.NEGATIVE_INFINITY : read(input.now, 'now');
  return issues.length > 0 ? { ok: false, issues } : ok({ startMs, nowMs });
}

/** Minutes after the base at which the first job left may start, what was ideal for it, and by how much its window is past. */
type Entry = { readonly first: Span; readonly ideal?: number; readonly window?: Span; readonly missedBy: number };

function entryOf(
  before: { readonly link: Link; readonly endMin: number } | undefined,
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
function slacks(links: readonly Link[], reach: Reach, lastStart: number): number[] {
  const latest: number[] = [];
  let until: readonly Span[] = [[Number.NEGATIVE_INFINITY, lastStart]];
  for (let i = links.length - 1; i >= 0; i--) {
    const { hands, least, most } = links[i] as Link;
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

/**
 * When each job of one batch must be done (calc.md, 7): hands inside the shop's hours, waits inside their windows, exact on whole minutes.
 * Clock changes inside a wait do not bend it. With `actual` (and `now`) the rest is planned from what happened.
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
  const done = actual.value;
  const { startMs, nowMs } = moments.value;
  const baseMs = Math.ceil(startMs / MS_PER_MINUTE) * MS_PER_MINUTE;
  const minuteOf = (ms: number): number => (ms - baseMs) / MS_PER_MINUTE;
  const allLinks = input.steps.map(linkOf);
  const unfit = allLinks.findIndex((link) => link.most < link.least);
  if (unfit >= 0) return fail('wait-order', `steps.${unfit}.wait`);
  const lastDone = done.at(-1);
  const steps = input.steps.slice(done.length);
  const links = allLinks.slice(done.length);
  const horizonMin = input.horizonDays * 1440 + Math.max(0, minuteOf(Math.max(nowMs, lastDone?.endMs ?? baseMs, baseMs)));
  const before = lastDone && { link: allLinks[done.length - 1] as Link, endMin: minuteOf(lastDone.endMs) };
  const entry = entryOf(before, minuteOf(nowMs), horizonMin);
  const say = (minute: number): string => formatInstant(baseMs + minute * MS_PER_MINUTE, input.zone);
  const doneSteps = done.map(({ id, startMs: from, endMs: to }, index): PlannedStep => {
    const previous = done[index - 1];
    const link = allLinks[index - 1];
    const window =
      previous && link
        ? {
            earliest: formatInstant(previous.endMs + link.least * MS_PER_MINUTE, input.zone),
            latest: Number.isFinite(link.most) ? formatInstant(previous.endMs + link.most * MS_PER_MINUTE, input.zone) : null,
          }
        : { earliest: null, latest: null };
    return {
      id,
      startAt: formatInstant(from, input.zone),
      endAt: formatInstant(to, input.zone),
      window,
      slackUntil: formatInstant(from, input.zone),
    };
  });
  const missed = entry.missedBy > 0 && steps[0] ? { missed: [{ id: steps[0].id, byMin: entry.missedBy }] } : {};
  if (links.length === 0) {
    return ok({
      feasible: true,
      endsAt: formatInstant(lastDone?.endMs ?? baseMs, input.zone),
      deviationMin: 0,
      steps: doneSteps,
    });
  }
  const openings = openingsOf(input, baseMs, horizonMin).map(([open, close]): Span => [open, Math.min(close, horizonMin)]);
  const reach = reachable(links, openings, entry.first);
  const blockedAt = reach.findIndex((spans) => spans.length === 0);
  if (blockedAt >= 0) {
    return ok({
      feasible: false,
      blocking: blockingOf(input.steps, links, done.length, blockedAt, openings, input.horizonDays),
      ...missed,
    });
  }
  const starts = bestStarts(links, reach, input.prefer, entry.ideal);
  const lastStart = starts.at(-1) as number;
  const latest = slacks(links, reach, lastStart);
  const waits = links
    .slice(0, -1)
    .map((link, i) => Math.abs((starts[i + 1] as number) - (starts[i] as number) - link.hands - link.ideal));
  const pending = entry.ideal === undefined ? 0 : Math.abs((starts[0] as number) - entry.ideal);
  const windowOf = (i: number): PlannedStep['window'] => {
    const link = links[i - 1];
    const ready = link && (starts[i - 1] as number) + link.hands;
    const span: Span | undefined = link && ready !== undefined ? [ready + link.least, ready + link.most] : entry.window;
    return { earliest: span ? say(span[0]) : null, latest: span && Number.isFinite(span[1]) ? say(span[1]) : null };
  };
  return ok({
    feasible: true,
    endsAt: say(lastStart + (links.at(-1) as Link).hands),
    deviationMin: waits.reduce((sum, wait) => sum + wait, pending),
    steps: [
      ...doneSteps,
      ...steps.map(
        (step, i): PlannedStep => ({
          id: step.id,
          startAt: say(starts[i] as number),
          endAt: say((starts[i] as number) + (links[i] as Link).hands),
          window: windowOf(i),
          slackUntil: say(latest[i] as number),
        }),
      ),
    ],
    ...missed,
  });
}
