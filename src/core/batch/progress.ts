import { MS_PER_MINUTE } from '@/core/quantity';
import { laysCoat } from '../regimen';
import type { Task } from './task';
import { stepOfTask } from './task-key';

/** One thing that happened to a batch: a task done or left out. `atMs` is when hands were done with it. */
export type Fact = {
  readonly id: string;
  readonly key: string;
  readonly atMs: number;
  readonly kind: 'done' | 'left-out';
  readonly pass?: boolean | null;
  /** The wait before it as it was judged by, minutes, where the book keeps it: what was judged is not judged again. */
  readonly waited?: { readonly min: number; readonly max: number | null };
};

/** The span in which a task keeps the chemistry right, in UTC ms; null where nothing bounds it. */
export type Window = { readonly earliestMs: number | null; readonly idealMs: number | null; readonly latestMs: number | null };

export type DoneTask = { readonly task: Task; readonly fact: Fact; readonly startMs: number; readonly window: Window };

/** Where a batch stands: what is done in its order, what comes next and when, and facts that wait for the one before them. */
export type Progress = {
  readonly done: readonly DoneTask[];
  readonly next: { readonly task: Task; readonly window: Window } | null;
  readonly rest: readonly Task[];
  readonly waiting: readonly Fact[];
};

const OPEN_WINDOW: Window = { earliestMs: null, idealMs: null, latestMs: null };

/** The window of what follows a task that ended at a moment. */
export function windowAfter({ wait, riskMin }: Pick<Task, 'wait' | 'riskMin'>, endMs: number): Window {
  // A soak that was allowed past its bound is called out at the bound all the same.
  const most = riskMin ?? wait.max;
  const at = (minutes: number): number => endMs + Math.min(minutes, most ?? minutes) * MS_PER_MINUTE;
  return {
    earliestMs: at(wait.min),
    idealMs: at(wait.ideal),
    latestMs: most === null ? null : endMs + most * MS_PER_MINUTE,
  };
}

/** A step that is repeated until its check passes, as far as counting goes. */
export type Repeated = { readonly id: string; readonly until: string | null; readonly expect: number };

/**
 * How often each repeated step must stand in the schedule: once more than its check failed; while it has not passed at least as often
 * as it is reckoned to.
 */
export function turnsOf(facts: readonly Fact[], steps: readonly Repeated[] = []): Record<string, number> {
  const turns: Record<string, number> = {};
  const passed = new Set<string>();
  for (const { key, pass } of facts) {
    const step = stepOfTask(key);
    if (pass === false) turns[step] = (turns[step] ?? 1) + 1;
    if (pass === true) passed.add(step);
  }
  for (const { id, until, expect } of steps)
    if (until !== null && expect > 1 && !passed.has(id)) turns[id] = Math.max(expect, turns[id] ?? 1);
  return turns;
}

/**
 * Lays facts against tasks, each in its own time whatever order they came in. A fact whose forerunner is not recorded yet waits.
 */
export function progressOf(tasks: readonly Task[], facts: readonly Fact[]): Progress {
  const left = [...facts].sort((a, b) => a.atMs - b.atMs);
  const done: DoneTask[] = [];
  for (const task of tasks) {
    const before = done.at(-1);
    const index = left.findIndex((fact) => fact.key === task.key && fact.atMs >= (before?.fact.atMs ?? Number.NEGATIVE_INFINITY));
    if (index < 0) break;
    const [fact] = left.splice(index, 1) as [Fact];
    const hands = fact.kind === 'done' ? task.handsMin * MS_PER_MINUTE : 0;
    const startMs = Math.max(fact.atMs - hands, before?.fact.atMs ?? Number.NEGATIVE_INFINITY);
    done.push({ task, fact, startMs, window: before ? windowAfterDone(before, fact.waited) : OPEN_WINDOW });
  }
  const task = tasks[done.length];
  const before = done.at(-1);
  return {
    done,
    next: task ? { task, window: before ? windowAfterDone(before) : OPEN_WINDOW } : null,
    rest: tasks.slice(done.length),
    waiting: left,
  };
}

/** A step left out leaves no wait behind. */
function windowAfterDone({ task, fact }: Pick<DoneTask, 'task' | 'fact'>, waited?: Fact['waited']): Window {
  if (fact.kind === 'left-out') return { ...OPEN_WINDOW, earliestMs: fact.atMs, idealMs: fact.atMs };
  if (!waited) return windowAfter(task, fact.atMs);
  const { min, max } = waited;
  return windowAfter({ wait: { min, ideal: Math.max(min, task.wait.ideal), max } }, fact.atMs);
}

export type Press = 'too-early' | 'ready' | 'later-than-planned' | 'at-risk';

/** How a task stands at a moment: past the plan's slack it is later than planned, past the window it is at risk. */
export function pressIn(window: Window, slackUntilMs: number | null, nowMs: number): Press {
  if (window.latestMs !== null && nowMs > window.latestMs) return 'at-risk';
  if (window.earliestMs !== null && nowMs < window.earliestMs) return 'too-early';
  return slackUntilMs !== null && nowMs > slackUntilMs ? 'later-than-planned' : 'ready';
}

/** What is next and the last coat there is to lay, UTC ms, where hands are always there when a wait is at its best. */
export type Soonest = { readonly nextMs: number; readonly lastCoatMs: number };

/** How soon the rest of a batch's work could be done; null where nothing is left to lay on. */
export function soonestOf({ next, rest }: Pick<Progress, 'next' | 'rest'>, nowMs: number): Soonest | null {
  const last = rest.findLastIndex(({ step }) => laysCoat(step) && !step.optional);
  if (!next || last < 0) return null;
  const nextMs = Math.max(nowMs, next.window.idealMs ?? nowMs);
  const minutes = rest.slice(0, last).reduce((sum, task) => sum + task.handsMin + task.wait.ideal, rest[last]?.handsMin ?? 0);
  return { nextMs, lastCoatMs: nextMs + minutes * MS_PER_MINUTE };
}

/** By how many minutes a recorded time misses its window: below 0 too early, above 0 too late, 0 inside it. */
export function missOf(window: Window, startMs: number): number {
  if (window.latestMs !== null && startMs > window.latestMs) return (startMs - window.latestMs) / MS_PER_MINUTE;
  if (window.earliestMs !== null && startMs < window.earliestMs) return (startMs - window.earliestMs) / MS_PER_MINUTE;
  return 0;
}
