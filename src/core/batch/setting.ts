import { MS_PER_MINUTE } from '@/core/quantity';
import { drawsLot, endsCoat } from '../regimen';
import type { Progress } from './progress';
import type { Task } from './task';

const isCoat = ({ step }: Pick<Task, 'step'>): boolean => drawsLot(step);
const wipes = ({ step }: Pick<Task, 'step'>): boolean => endsCoat(step);

/** The task after which a finish begins to set: the wipe or buff that ends the last coat's dwell, or the coat where nothing wipes it. -1 without a coat. */
export function setsAfter(tasks: readonly Task[]): number {
  const coat = tasks.findLastIndex(isCoat);
  const wipe = tasks.findIndex((task, i) => i > coat && wipes(task));
  return coat < 0 || wipe < 0 ? coat : wipe;
}

/** The last coat that was given, as a place among what is done; -1 before there is one. */
const lastGiven = ({ done }: Progress): number => done.findLastIndex(({ task, fact }) => fact.kind === 'done' && isCoat(task));

/**
 * When the finish of a batch began to set, UTC ms: at the wipe of its last coat. Null while coats are left to do, and while the last one
 * still lies wet or the pieces are in their bath: setting has not begun.
 */
export function settingFrom(progress: Progress): number | null {
  if (progress.rest.some((task) => isCoat(task) && !task.step.optional)) return null;
  const coat = lastGiven(progress);
  const given = progress.done[coat];
  if (!given) return null;
  const wipe = progress.done.slice(coat + 1).find(({ task, fact }) => fact.kind === 'done' && wipes(task));
  if (wipe) return wipe.fact.atMs;
  const isWet = progress.rest.some((task) => wipes(task) && !task.step.optional);
  return isWet ? null : given.fact.atMs;
}

/** Until when the regimen's own least time runs, UTC ms: the longest-reaching of the waits since the last coat; 0 before there is one. */
export function leastUntil(progress: Progress): number {
  const coat = lastGiven(progress);
  if (coat < 0) return 0;
  // A wait that is over keeps the bound it was judged by.
  const ends = progress.done.slice(coat).flatMap(({ task, fact }, i) => {
    if (fact.kind !== 'done') return [];
    return [progress.done[coat + i + 1]?.window.earliestMs ?? fact.atMs + task.wait.min * MS_PER_MINUTE];
  });
  return Math.max(0, ...ends);
}
