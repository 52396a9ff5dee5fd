import { MS_PER_MINUTE } from '@/core/quantity';
import type { Task } from './task';

/** So far ahead hands are planned, days; what lies past it is only reckoned on. Source: working choice. */
export const REACH_DAYS = 40;

/** Tasks that lie within reach of a plan, and how long those past it take at their best, ms. */
export type Reached = { readonly near: readonly Task[]; readonly restMs: number };

/** Parts tasks where their waits lead past the reach of a plan: a school of four months is planned by its next weeks. */
export function withinReach(tasks: readonly Task[], days: number = REACH_DAYS): Reached {
  let min = 0;
  let near = tasks.length;
  for (const [i, task] of tasks.entries()) {
    if (min > days * 24 * 60) {
      near = Math.max(1, i);
      break;
    }
    min += task.handsMin + task.wait.ideal;
  }
  const far = tasks.slice(near);
  const between = near < tasks.length ? (tasks[near - 1]?.wait.ideal ?? 0) : 0;
  const restMin = far.reduce((sum, task, i) => sum + task.handsMin + (i < far.length - 1 ? task.wait.ideal : 0), between);
  return { near: tasks.slice(0, near), restMs: (far.length > 0 ? restMin : 0) * MS_PER_MINUTE };
}
