import { endsCoat, governsOf, handsMin, lastGrit, type RegimenStep, type RoomOf, waitInRoom } from '../regimen';
import { type Fact, turnsOf } from './progress';
import type { DwellBound } from './schedule';
import { againAfter, type Task } from './task';
import { readTaskKey, stepOfTask, type TaskKey, withKey, writeTaskKey } from './task-key';
import { type Mended, WAY_STEPS, type Way } from './ways-back';

/** Stands for the place after the last step. */
export const AT_THE_END = 'end';

/** A way back that was taken up: which, its own id, and the task it stands before; or that it stands at the end. */
export type TakenWay = { readonly id: number; readonly way: Way; readonly beforeTask: string; readonly at?: number };

/** As fine as a spot is smoothed where nothing says how the rest was sanded. Source: practice.md. */
const USUAL_GRIT = 220;

/** The coat that a way back mends: the last one before a task, or the first there is. */
function mendedBefore(tasks: readonly Task[], index: number): Mended | null {
  const coats = tasks.filter((task) => task.step.slot !== null && task.step.coatClass !== null);
  const last = tasks.slice(0, index).findLast((task) => coats.includes(task)) ?? coats[0];
  return last?.step.slot && last.step.coatClass
    ? {
        slot: last.step.slot,
        coatClass: last.step.coatClass,
        coat: last.step.coat ?? 1,
        grit: lastGrit({ steps: tasks.map((task) => task.step) }) ?? USUAL_GRIT,
      }
    : null;
}

const cut = ({ wait: { min, ideal, max } }: RegimenStep, most: number | null): RegimenStep['wait'] =>
  most === null
    ? { min, ideal, max }
    : { min: Math.min(min, most), ideal: Math.min(ideal, most), max: max === null ? most : Math.min(max, most) };

/**
 * Where a task stands, or would stand: one that was struck since, or is cut into other rounds now, gives its place to what comes after it
 * in the order the steps were written in.
 */
function placeOf(tasks: readonly Task[], key: string, order: readonly string[]): number {
  const exact = tasks.findIndex((task) => task.key === key);
  if (exact >= 0 || readTaskKey(key).way) return exact;
  const from = order.indexOf(stepOfTask(key));
  if (from < 0) return -1;
  const next = order.slice(from).map((id) => tasks.findIndex((task) => task.step.id === id));
  return next.find((index) => index >= 0) ?? tasks.length;
}

/** How ways back are placed: hands against a bread board's, the order steps were written in, and when each change of the coats was made. */
type Placing = {
  readonly scale?: number;
  readonly order?: readonly string[];
  readonly addedAt?: ReadonlyMap<number, number>;
  readonly room?: RoomOf | undefined;
};

/** The change that added a step; 0 where none did. */
const changeOf = (task: Task | undefined): number => readTaskKey(task?.step.id ?? '').added.at(-1) ?? 0;

/** A step of a way back as a task of the batch, its wait within what the material in hand bears and as the room makes it. */
function asTask(
  { step: one, next, slot }: { readonly step: RegimenStep; readonly next: RegimenStep | undefined; readonly slot: string },
  way: TaskKey['way'],
  pieces: number,
  bound: DwellBound,
  { scale = 1, room }: Placing,
): Task {
  const most = one.slot && one.lies ? (bound(one.slot)?.[one.lies] ?? null) : null;
  const base = cut(one, most);
  const air = room?.(one, base) ?? null;
  const made = waitInRoom(base, governsOf(one, next, bound(slot)), air, false);
  const at = made ? { min: made.min, ideal: made.ideal, max: made.max } : base;
  return {
    key: writeTaskKey({ step: one.id, way }),
    step: { ...one, wait: at },
    round: 1,
    rounds: 1,
    pieces,
    handsMin: handsMin(one, pieces, scale),
    wait: at,
    ...(made && air ? { room: { base, wait: at, air, advise: made.advise } } : {}),
  };
}

/** Puts the steps of the ways back where they belong. Where a wipe or a buff is next anyway, the way back's own is left out. */
export function withRecoveries(
  tasks: readonly Task[],
  taken: readonly TakenWay[],
  pieces: number,
  bound: DwellBound,
  placing: Placing = {},
): Task[] {
  const { order = [], addedAt = new Map() } = placing;
  let all = [...tasks];
  for (const { id, way, beforeTask, at: takenAt = 0 } of taken) {
    let index = beforeTask === AT_THE_END ? all.length : placeOf(all, beforeTask, order);
    // Coats that were added since it was taken up come after it.
    while (index > 0 && (addedAt.get(changeOf(all[index - 1])) ?? 0) > takenAt) index--;
    const mended = mendedBefore(all, index);
    if (index < 0 || !mended) continue;
    const next = all[index]?.step;
    const steps = WAY_STEPS[way](mended);
    const endsAlike = next !== undefined && endsCoat(next) && steps.slice(1).slice(-1).some(endsCoat);
    const inserted = (endsAlike ? steps.slice(0, -1) : steps).map((step, i) =>
      asTask({ step, next: steps[i + 1], slot: mended.slot }, { kind: way, id }, pieces, bound, placing),
    );
    all = [...all.slice(0, index), ...inserted, ...all.slice(index)];
  }
  return all;
}

/** A way back that is repeated until its check passes stands as often as it is reckoned to, and once more for every time it failed. */
export const withTurns = (tasks: readonly Task[], facts: readonly Fact[]): Task[] =>
  tasks.flatMap((task) => {
    if (!readTaskKey(task.key).way) return [task];
    const count = turnsOf(facts, [{ ...task.step, id: task.key }])[task.key] ?? 1;
    return Array.from({ length: count }, (_, i) => ({
      ...task,
      key: withKey(task.key, { turn: i + 1 }),
      wait: i + 1 < count ? againAfter(task.step) : task.wait,
    }));
  });
