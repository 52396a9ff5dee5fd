import type { FinishClass } from '@/core/piece';
import { MS_PER_DAY } from '@/core/quantity';
import { abrades, handsMin, laysCoat, NONE, step } from '../regimen';
import type { Fact } from './progress';
import type { DwellBound } from './schedule';
import type { Task } from './task';
import { withKey } from './task-key';

/** After so many days a dried coat is scuffed before the next one: of an oil, and of a varnish. Source: practice.md, the bounds of the regimens. */
export const SCUFF_AFTER_DAYS = { oil: 7, varnish: 3 } as const;

/** Coats that hold on what lies under them; a wax is rubbed on without. */
const HOLDS_ON: readonly FinishClass[] = ['thin-oil', 'flood-oil', 'oil-wax', 'hard-wax', 'film'];

const scuffed = (days: number, key: string) =>
  step('scuff', key, 'Scuff with a fine pad, dust off', 'Scuffed', NONE, {
    place: 'bench',
    optional: true,
    note: `More than ${days} days lie between the coats: the new one holds better on a dulled one.`,
  });

/**
 * Puts a scuff before a coat that comes so long after the one before it that it would not hold; nothing where one stands there already,
 * or where the coat is on.
 * @param nowMs the moment it is asked at
 */
export function withScuffs(tasks: readonly Task[], facts: readonly Fact[], bound: DwellBound, nowMs: number, scale = 1): Task[] {
  const at = new Map(facts.map((fact) => [fact.key, fact.atMs]));
  return tasks.flatMap((task, i) => {
    const { slot, coatClass } = task.step;
    const days = slot === null ? null : (bound(slot)?.scuffAfterDays ?? null);
    if (!laysCoat(task.step) || days === null || coatClass === null || !HOLDS_ON.includes(coatClass) || task.round > 1)
      return [task];
    const under = tasks.findLastIndex((other, j) => j < i && laysCoat(other.step) && other.step.slot === slot);
    const between = tasks.slice(under + 1, i);
    if (under < 0 || between.some((one) => abrades(one.step))) return [task];
    const key = withKey(task.key, { scuffs: true });
    const lastMs = between.map((one) => at.get(one.key)).findLast((ms) => ms !== undefined);
    const isLong = !at.has(task.key) && lastMs !== undefined && nowMs > lastMs + days * MS_PER_DAY;
    if (!at.has(key) && !isLong) return [task];
    const of = scuffed(days, key);
    const scuff: Task = {
      key,
      step: of,
      round: 1,
      rounds: 1,
      pieces: task.pieces,
      handsMin: handsMin(of, task.pieces, scale),
      wait: of.wait,
    };
    return [scuff, task];
  });
}
