import type { CureMode } from '@/core/cure';
import { type PlanStep, rounds, type Wait } from '@/core/plan';
import { atPath, fail, type Issue, ok, type Result } from '@/core/quantity';
import {
  CABINET,
  drawsLot,
  governsOf,
  handlesWet,
  handsMin,
  isDwell,
  laysCoat,
  type RegimenStep,
  type RoomOf,
  waitInRoom,
} from '../regimen';
import { againAfter, type Task, type TaskRoom } from './task';
import { readTaskKey, stepOfTask, withKey } from './task-key';

/**
 * What a slot's material bears: its longest dwell by how it lies, minutes, null where nothing gums; whether it gives off vapour; what a
 * bought finish's label says of dwell and rest; and after how many days its dried coat wants a scuff before the next, null for never.
 */
export type SlotBound = {
  readonly flooded: number | null;
  readonly thin: number | null;
  readonly vapour?: boolean;
  readonly label?: { readonly dwell: Wait | null; readonly gapMin: number | null };
  readonly scuffAfterDays?: number | null;
  /** How it sets; its waits follow the room by it. */
  readonly sets?: CureMode | null;
};
export type DwellBound = (slot: string) => SlotBound | undefined;

/**
 * Keeps what gives off vapour out of the warm cabinet for its day: a wet step rests on the rack instead, and what is to be carried in
 * waits in the room for as long as is still missing.
 */
export function outOfTheWarm(steps: readonly RegimenStep[], bound: DwellBound): RegimenStep[] {
  const least = CABINET.afterWetHours * 60;
  let dryMin = Number.POSITIVE_INFINITY;
  let slot: string | null = null;
  const kept: RegimenStep[] = [];
  for (const step of steps) {
    slot = step.slot ?? slot;
    const isWet = handlesWet(step) && slot !== null && bound(slot)?.vapour === true;
    if (isWet) dryMin = 0;
    if (step.place === 'warm cabinet' && isWet) kept.push({ ...step, place: 'rack' });
    else if (step.place === 'warm cabinet' && dryMin < least) {
      const before = kept.pop();
      if (before) {
        const min = before.wait.min + least - dryMin;
        const max = before.wait.max === null ? null : Math.max(before.wait.max, min);
        kept.push({ ...before, wait: { min, ideal: Math.max(before.wait.ideal, min), max } });
      }
      kept.push(step);
      dryMin = least;
    } else kept.push(step);
    dryMin += step.wait.min;
  }
  return kept;
}

/** How long the pieces of one round may wait for the next coat while other rounds are still being wiped. */
const BETWEEN_ROUNDS: Wait = { min: 0, ideal: 0, max: 60 };

/** What a bought finish's label says stands in place of the regimen's dwell and of its rest before the next coat of the same material. */
export function asLabelled(steps: readonly RegimenStep[], bound: DwellBound): RegimenStep[] {
  let slot: string | null = null;
  return steps.map((step, i) => {
    const next = steps[i + 1];
    slot = step.slot ?? slot;
    const label = slot === null ? undefined : bound(slot)?.label;
    if (!label) return step;
    if (label.dwell && isDwell(step, next)) return { ...step, wait: label.dwell };
    const isGap = !laysCoat(step) && next !== undefined && laysCoat(next) && next.slot === slot;
    return isGap && label.gapMin !== null ? { ...step, wait: { min: label.gapMin, ideal: label.gapMin, max: null } } : step;
  });
}

/** How a batch is scheduled beside its steps. */
export type Scheduling = {
  /** How often repeated steps stand, by step id, 1 when absent. */
  readonly turns?: Readonly<Record<string, number>>;
  /** Sizes of the rounds that were coated already, by the coat's step id. */
  readonly recorded?: Readonly<Record<string, readonly number[]>>;
  /** Hands' minutes per piece against a bread board's (`handsScale`). */
  readonly scale?: number;
  /** The wet first soak may lie past its material's bound: someone read what can go wrong, and said why. */
  readonly beyond?: boolean;
  /** The air each wait will lie in; absent: every wait as it is written, at 20 °C. */
  readonly room?: RoomOf;
};

const chemistryOf = (step: RegimenStep, bound: DwellBound): number | null =>
  step.slot && step.lies ? (bound(step.slot)?.[step.lies] ?? null) : null;

/** The dwell as the material allows it: the step's own, cut at what the chemistry bears. The house's own bound stands over it. */
function bounded(step: RegimenStep, bound: DwellBound): Result<Wait> {
  const chemistry = chemistryOf(step, bound);
  const { min, ideal, max } = step.wait;
  if (step.house || chemistry === null || (max !== null && max <= chemistry)) return ok(step.wait);
  if (min > chemistry) return fail('dwell-past-chemistry', step.id, { most: chemistry });
  return ok({ min, ideal: Math.min(ideal, chemistry), max: chemistry });
}

/** A step as it is timed: its wait by material, house and room, and what the screens say of that. */
type Timed = { readonly step: RegimenStep; readonly riskMin?: number; readonly room?: TaskRoom };

/** Whether the tin that is warmed for the next coat holds what gives off vapour: it is not warmed. */
const warmsVapour = (steps: readonly RegimenStep[], i: number, bound: DwellBound): boolean => {
  const next = steps.slice(i).find((later) => later.slot !== null)?.slot;
  return steps[i]?.kind === 'warm' && next !== null && next !== undefined && bound(next)?.vapour === true;
};

/**
 * Leaves out what only cold calls for while it is warm enough, and the warming of what gives off vapour, unless it was done; what comes
 * before something done is never called for anew.
 */
function calledFor(
  steps: readonly RegimenStep[],
  bound: DwellBound,
  recorded: Readonly<Record<string, readonly number[]>>,
  room: RoomOf | undefined,
): readonly RegimenStep[] {
  return steps.filter((step, i) => {
    if (recorded[step.id]) return true;
    if (warmsVapour(steps, i, bound)) return false;
    if (step.whenBelowC === null) return true;
    if (steps.slice(i + 1).some((later) => recorded[later.id])) return false;
    const air = room?.(step, step.wait);
    return !air || air.tempC < step.whenBelowC;
  });
}

/** Waits of some steps by what each lies on and in. */
function timed(
  written: readonly RegimenStep[],
  bound: DwellBound,
  beyond: boolean,
  room: RoomOf | undefined,
  issues: Issue[],
): Timed[] {
  const labelled = asLabelled(written, bound);
  const firstCoat = labelled.find(drawsLot);
  let slot: string | null = null;
  return labelled.map((step, i): Timed => {
    const next = labelled[i + 1];
    slot = step.slot ?? slot;
    const risk = chemistryOf(step, bound);
    const isSoak = isDwell(step, next);
    const isBeyond =
      isSoak &&
      risk !== null &&
      ((beyond && step === firstCoat && step.lies === 'flooded' && step.wait.min > risk) || step.house !== null);
    const own: Result<Wait> = step.house ? ok(step.house.wait) : isSoak && !isBeyond ? bounded(step, bound) : ok(step.wait);
    if (!own.ok) {
      issues.push(...own.issues);
      return { step };
    }
    const governs = governsOf(step, next, slot === null ? undefined : bound(slot));
    const air = room?.(step, own.value) ?? null;
    const made = waitInRoom(own.value, governs, air, step.wait !== written[i]?.wait);
    const wait = made ? { min: made.min, ideal: made.ideal, max: made.max } : own.value;
    const riskMin =
      isBeyond && risk !== null && (step.house === null || (wait.max ?? Number.POSITIVE_INFINITY) > risk) ? risk : undefined;
    return {
      step: { ...step, wait },
      ...(riskMin === undefined ? {} : { riskMin }),
      ...(made && air ? { room: { base: own.value, wait, air, advise: made.advise } } : {}),
    };
  });
}

const scaled = ({ setupMin, perPieceMin }: RegimenStep, scale: number) => ({ setupMin, perPieceMin: perPieceMin * scale });

const keyOf = (step: RegimenStep, round: number, turn: number): string => withKey(step.id, { round, turn });

const whole = (wait: Wait): Wait => ({
  min: Math.ceil(wait.min),
  ideal: Math.ceil(wait.ideal),
  max: wait.max === null ? null : Math.max(Math.floor(wait.max), Math.ceil(wait.ideal)),
});

/**
 * The steps of a regimen for so many pieces: dwells bounded by each material's chemistry and split into rounds that can be wiped in time,
 * steps that are repeated until a check passes as often as they were. Rounds that were already coated keep their sizes, however many
 * pieces have left or come since.
 * @returns an issue naming the step whose material or hands do not allow it
 */
export function scheduleOf(
  written: readonly RegimenStep[],
  pieces: number,
  bound: DwellBound,
  { turns = {}, recorded = {}, scale = 1, beyond = false, room }: Scheduling = {},
): Result<readonly Task[]> {
  const issues: Issue[] = [];
  const each = timed(calledFor(written, bound, recorded, room), bound, beyond, room, issues);
  if (issues.length > 0) return { ok: false, issues };
  const steps = outOfTheWarm(
    each.map(({ step }) => step),
    bound,
  );
  const tasks: Task[] = [];
  const saysOf = (i: number): Pick<Task, 'room' | 'riskMin'> => {
    const { step: _, ...says } = each[i] as Timed;
    return says;
  };
  const simple = (step: RegimenStep, turn: number, count: number, i: number): void => {
    tasks.push({
      key: keyOf(step, 1, turn),
      step,
      round: 1,
      rounds: 1,
      pieces,
      handsMin: handsMin(step, pieces, scale),
      wait: turn < count ? againAfter(step) : whole(step.wait),
      ...saysOf(i),
    });
  };
  for (let i = 0; i < steps.length; i++) {
    const step = steps[i] as RegimenStep;
    const next = steps[i + 1];
    if (!next || !isDwell(step, next)) {
      const count = turns[step.id] ?? 1;
      for (let turn = 1; turn <= count; turn++) simple(step, turn, count, i);
      continue;
    }
    const says = saysOf(i);
    const before = (recorded[step.id] ?? []).map((size) => Math.min(size, pieces));
    const left = pieces - before.reduce((sum, size) => sum + size, 0);
    const inRounds = (dwell: Wait) =>
      rounds({
        pieces: left > 0 ? left : Math.max(1, ...before),
        coat: scaled(step, scale),
        wipe: scaled(next, scale),
        dwell,
      });
    const byRoom = inRounds(step.wait);
    // Where the room leaves hands no time at all, the dwell stands as it is at 20 °C, and the step says that this is no place for it.
    const isHurried = !byRoom.ok && says.room !== undefined;
    const split = isHurried && says.room ? inRounds(says.room.base) : byRoom;
    if (!split.ok) {
      issues.push(...atPath(step.id, split).issues);
      continue;
    }
    const saysHere = isHurried && says.room ? { ...says, room: { ...says.room, advise: 'too-fast' as const } } : says;
    const { wait } = split.value;
    const sizes = [...before, ...(left > 0 ? split.value.pieces : [])];
    const count = sizes.length;
    sizes.forEach((size, index) => {
      const of = { round: index + 1, rounds: count, pieces: size };
      tasks.push({
        key: keyOf(step, index + 1, 1),
        step,
        ...of,
        handsMin: handsMin(step, size, scale),
        wait: whole(wait),
        ...saysHere,
      });
      tasks.push({
        key: keyOf(next, index + 1, 1),
        step: next,
        ...of,
        handsMin: handsMin(next, size, scale),
        wait: index + 1 < count ? BETWEEN_ROUNDS : whole(next.wait),
        ...(index + 1 < count ? {} : saysOf(i + 1)),
      });
    });
    i++;
  }
  return issues.length > 0 ? { ok: false, issues } : ok(tasks);
}

/** The sizes of the rounds that were coated, by the coat's step id, from the keys of what was recorded. */
export function roundsRecorded(facts: readonly { readonly key: string; readonly pieces: number }[]): Record<string, number[]> {
  const sizes: Record<string, number[]> = {};
  for (const { key, pieces } of facts) {
    const step = stepOfTask(key);
    sizes[step] ??= [];
    sizes[step][readTaskKey(key).round - 1] = pieces;
  }
  return Object.fromEntries(Object.entries(sizes).map(([step, list]) => [step, Array.from(list, (size) => size ?? 0)]));
}

/** The tasks as the planner takes them. @public */
export const planSteps = (tasks: readonly Task[]): PlanStep[] =>
  tasks.map(({ key, handsMin, wait }) => ({ id: key, handsMin, wait }));
