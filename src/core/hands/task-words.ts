import type { Task } from '@/core/batch';
import type { CheckKind } from '@/core/cure';
import type { StepKind } from '@/core/regimen';

/** A task as the strip and the bench say it. */
export type TaskWords = {
  readonly task: string;
  readonly action: string;
  readonly done: string;
  readonly kind: StepKind;
  readonly pieces: number;
  readonly round: string;
  readonly outcome: CheckKind | null;
  readonly optional: boolean;
};

export const asAction = (task: Task): TaskWords => ({
  task: task.key,
  action: task.step.action,
  done: task.step.done,
  kind: task.step.kind,
  pieces: task.pieces,
  round: task.rounds > 1 ? `round ${task.round} of ${task.rounds}` : '',
  outcome: task.step.until,
  optional: task.step.optional,
});
