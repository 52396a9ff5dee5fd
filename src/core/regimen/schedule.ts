import { type PlanStep, rounds, type Wait } from '@/core/plan';
import { fail, type Issue, ok, type Result } from '@/core/quantity';
import { CABINET } from './places';
import type { RegimenStep } from './schema';

/** A step as it will be done with so many pieces: one round of it, once. `key` names it in the log and the plan. */
export type Task = {
  readonly key: string;
  readonly step: RegimenStep;
  readonly round: number;
  readonly rounds: number;
  readonly pieces: number;
  readonly handsMin: number;
  readonly wait: Wait;
};

/** What a slot's material bears: its longest dwell by how it lies, minutes, null where nothing gums; and whether it gives off vapour. */
export type SlotBound = { readonly flooded: number | null; readonly thin: number | null; readonly vapour?: boolean };
export type DwellBound = (slot: string) => SlotBound | undefined;

const WET: readonly RegimenStep['kind'][] = ['coat', 'wipe', 'buff'];

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
    const isWet = WET.includes(step.kind) && slot !== null && bound(slot)?.vapour === true;
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

/** Whether a coat's wait is a dwell that the next step ends. */
const isDwell = (step: RegimenStep, next: RegimenStep | undefined): boolean =>
  step.kind === 'coat' && (next?.kind === 'wipe' || next?.kind === 'buff') && step.lies !== null;

/** The dwell as the material allows it: the step's own, cut at what the chemistry bears. */
function bounded(step: RegimenStep, bound: DwellBound): Result<Wait> {
  const chemistry = step.slot && step.lies ? (bound(step.slot)?.[step.lies] ?? null) : null;
  const { min, ideal, max } = step.wait;
  if (chemistry === null || (max !== null && max <= chemistry)) return ok(step.wait);
  if (min > chemistry) return fail('dwell-past-chemistry', step.id, { most: chemistry });
  return ok({ min, ideal: Math.min(ideal, chemistry), max: chemistry });
}

/** How long after one turn of a repeated step the next may come. */
export const againAfter = ({ againMin }: Pick<RegimenStep, 'againMin'>): Wait => ({ min: againMin, ideal: againMin, max: null });

const keyOf = (step: RegimenStep, round: number, turn: number): string =>
  `${step.id}${round > 1 ? `#${round}` : ''}${turn > 1 ? `+${turn}` : ''}`;

const whole = (wait: Wait): Wait => ({
  min: Math.ceil(wait.min),
  ideal: Math.ceil(wait.ideal),
  max: wait.max === null ? null : Math.max(Math.floor(wait.max), Math.ceil(wait.ideal)),
});

/**
 * The steps of a regimen for so many pieces: dwells bounded by each material's chemistry and split into rounds that can be wiped in time,
 * steps that are repeated until a check passes as often as they were (`turns`, by step id, 1 when absent). Rounds that were already
 * coated keep their sizes (`recorded`, by the coat's step id), however many pieces have left or come since.
 * @returns an issue naming the step whose material or hands do not allow it
 */
export function scheduleOf(
  written: readonly RegimenStep[],
  pieces: number,
  bound: DwellBound,
  turns: Readonly<Record<string, number>> = {},
  recorded: Readonly<Record<string, readonly number[]>> = {},
): Result<readonly Task[]> {
  const steps = outOfTheWarm(written, bound);
  const tasks: Task[] = [];
  const issues: Issue[] = [];
  const simple = (step: RegimenStep, turn: number, count: number): void => {
    tasks.push({
      key: keyOf(step, 1, turn),
      step,
      round: 1,
      rounds: 1,
      pieces,
      handsMin: Math.ceil(step.setupMin + pieces * step.perPieceMin),
      wait: turn < count ? againAfter(step) : whole(step.wait),
    });
  };
  for (let i = 0; i < steps.length; i++) {
    const step = steps[i] as RegimenStep;
    const next = steps[i + 1];
    if (!next || !isDwell(step, next)) {
      const count = turns[step.id] ?? 1;
      for (let turn = 1; turn <= count; turn++) simple(step, turn, count);
      continue;
    }
    const dwell = bounded(step, bound);
    const before = (recorded[step.id] ?? []).map((size) => Math.min(size, pieces));
    const left = pieces - before.reduce((sum, size) => sum + size, 0);
    const split = dwell.ok
      ? rounds({ pieces: left > 0 ? left : Math.max(1, ...before), coat: step, wipe: next, dwell: dwell.value })
      : dwell;
    if (!split.ok) {
      issues.push(...split.issues.map((issue) => ({ ...issue, path: step.id })));
      continue;
    }
    const { wait } = split.value;
    const sizes = [...before, ...(left > 0 ? split.value.pieces : [])];
    const count = sizes.length;
    sizes.forEach((size, index) => {
      const of = { round: index + 1, rounds: count, pieces: size };
      tasks.push({
        key: keyOf(step, index + 1, 1),
        step,
        ...of,
        handsMin: Math.ceil(step.setupMin + size * step.perPieceMin),
        wait: whole(wait),
      });
      tasks.push({
        key: keyOf(next, index + 1, 1),
        step: next,
        ...of,
        handsMin: Math.ceil(next.setupMin + size * next.perPieceMin),
        wait: index + 1 < count ? BETWEEN_ROUNDS : whole(next.wait),
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
    const [step = key, round = '1'] = key.replace(/\+.*$/, '').split('#');
    sizes[step] ??= [];
    sizes[step][Number(round) - 1] = pieces;
  }
  return Object.fromEntries(Object.entries(sizes).map(([step, list]) => [step, Array.from(list, (size) => size ?? 0)]));
}

/** The tasks as the planner takes them. */
export const planSteps = (tasks: readonly Task[]): PlanStep[] =>
  tasks.map(({ key, handsMin, wait }) => ({ id: key, handsMin, wait }));
