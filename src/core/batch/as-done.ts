import { MS_PER_MINUTE, type Reads, say } from '@/core/quantity';
import { NONE, type Regimen, type RegimenStep } from '../regimen';
import type { DoneTask } from './progress';
import { ownStepId } from './task-key';

/** What an act of a batch took, grams for all its pieces; null where it was not weighed. */
export type Took = ReadonlyMap<string, number>;

/** The wait as it was: as long as hands let it lie, never said shorter than it was written. */
function waitAsDone(step: RegimenStep, gapMin: number | null): RegimenStep['wait'] {
  const { min, max } = step.wait;
  if (gapMin === null) return step.wait;
  const gap = Math.max(0, Math.round(gapMin));
  const ideal = Math.max(min, gap);
  return { min, ideal: max === null ? ideal : Math.min(ideal, max), max };
}

/**
 * The steps of a batch as they were really done, to begin another by: coats that were given, in their order, ways back among them, each with
 * the gap that was left and the grams it took; what was left out is left out. Bounds stay as they are written: a slip is not copied.
 * @param done what was done, in its order
 * @param took grams by the record's own id
 */
export function stepsAsDone(done: readonly DoneTask[], took: Took, reads: Reads): RegimenStep[] {
  const given = done.filter(({ task, fact }) => fact.kind === 'done' && task.round === 1);
  const seen = new Map<string, number>();
  return given.flatMap(({ task, fact }, i): RegimenStep[] => {
    const base = ownStepId(task.key);
    const turn = (seen.get(base) ?? 0) + 1;
    seen.set(base, turn);
    // A step that was repeated until it passed is one step, reckoned with as often as it was.
    if (turn > 1 && task.step.until !== null) return [];
    const next = given[i + 1];
    const gap = next ? (next.startMs - fact.atMs) / MS_PER_MINUTE : null;
    const grams = took.get(fact.id);
    const times = given.filter((one) => one.task.step.id === task.step.id).length;
    return [
      {
        ...task.step,
        id: turn > 1 ? `${base}-${turn}` : base,
        wait: task.room ? waitAsDone({ ...task.step, wait: task.room.base }, gap) : waitAsDone(task.step, gap),
        expect: task.step.until === null ? 1 : Math.max(1, times),
        optional: false,
        note: [task.step.note, grams ? `It took ${say(grams / Math.max(1, task.pieces), 'g', reads)} a piece.` : '']
          .filter(Boolean)
          .join(' '),
      },
    ];
  });
}

/** A regimen as a batch was really done; what was not done yet follows as it was planned. */
export function regimenAsDone(
  { name: _, id: __, ...of }: Regimen,
  number: string,
  done: readonly DoneTask[],
  rest: readonly RegimenStep[],
  took: Took,
  reads: Reads,
): Regimen {
  const steps = [...stepsAsDone(done, took, reads)];
  const ids = new Set(steps.map((step) => step.id));
  const left = rest.filter((step) => !ids.has(step.id));
  const used = new Set([...steps, ...left].flatMap((step) => (step.slot ? [step.slot] : [])));
  const all = [...steps, ...left];
  return {
    ...of,
    id: `as-${number}`,
    name: `As ${number} was done`,
    school: `${of.school}, as batch ${number} was done`,
    ownWay: of.ownWay || `as batch ${number} was done`,
    slots: of.slots.filter(({ slot }) => used.has(slot)).map((slot) => ({ ...slot, repeat: null })),
    steps: all.length > 0 ? all : [{ ...(of.steps[0] as RegimenStep), wait: NONE }],
  };
}
