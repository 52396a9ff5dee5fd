import { type Climate, type Governs, governedRate, RATE_CLAMP } from '@/core/cure';
import { MS_PER_DAY } from '@/core/quantity';
import { governsOf, laysCoat } from '../regimen';
import type { AirAhead } from './room';
import type { DwellBound } from './schedule';
import type { Task } from './task';

/** How far ahead a warmer day is looked for, days. Source: working choice. */
const LOOKS_AHEAD_DAYS = 21;

/** A coat that should not be laid on yet: which wait the room draws out past reason, its air, and the first day that is warm enough. */
export type TooCold = {
  readonly task: Task;
  readonly air: Climate;
  /** UTC ms of the first day on which it would go; null where none of the coming weeks is warm enough. */
  readonly fromMs: number | null;
};

/** The bound that draws a wait out. */
const slowOf = (tasks: readonly Task[], i: number, bound: DwellBound): Governs => {
  const slot = tasks.slice(0, i + 1).findLast((task) => task.step.slot !== null)?.step.slot ?? null;
  const { step } = tasks[i] as Task;
  return governsOf(step, tasks[i + 1]?.step, slot === null ? undefined : bound(slot)).min;
};

/**
 * Whether it is too cold for the coat that is next: its own dwell, or a wait up to the next coat, would be drawn out past three times. Said
 * before it is begun, with the first day that is warm enough where it will stand.
 * @param rest the tasks that are left, the next one first
 */
export function tooColdFor(rest: readonly Task[], bound: DwellBound, air: AirAhead, nowMs: number): TooCold | null {
  const [next] = rest;
  if (!next || !laysCoat(next.step)) return null;
  const end = rest.findIndex((task, i) => i > 0 && laysCoat(task.step) && task.step.id !== next.step.id);
  const until = end < 0 ? rest.length : end;
  const slow = rest.slice(0, until).findIndex((task) => task.room?.advise === 'too-slow');
  const task = rest[slow];
  if (!task?.room) return null;
  const governs = slowOf(rest, slow, bound);
  for (let day = 1; day <= LOOKS_AHEAD_DAYS; day++) {
    const fromMs = nowMs + day * MS_PER_DAY;
    const then = air(task.step.place, fromMs, fromMs + MS_PER_DAY);
    if (then && governedRate(governs, then) >= RATE_CLAMP.least) return { task, air: task.room.air, fromMs };
  }
  return { task, air: task.room.air, fromMs: null };
}
