import { windowAfter } from '@/core/batch';
import type { Pin } from '@/data/plan/pins';
import type { Person } from '@/data/shop/queries';
import { type OpenBatch, titleOf } from '@/trade/hands/open-batches';

/** One piece of hand-work on the day line; UTC ms. */
export type Peg = {
  readonly key: string;
  readonly batchId: number;
  readonly task: string;
  readonly number: string;
  readonly title: string;
  readonly action: string;
  readonly who: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly earliestMs: number | null;
  readonly latestMs: number | null;
  readonly slackUntilMs: number;
  readonly pinned: boolean;
};

/** The hand-work of the coming days, from the plan of the whole shop. */
export function pegsOf(open: readonly OpenBatch[], people: readonly Person[], pins: readonly Pin[]): Peg[] {
  const initials = new Map(people.map((person) => [String(person.id), person.initials]));
  return open.flatMap(({ batch, standing: { tasks, progress }, plan }) => {
    if (!plan?.feasible) return [];
    const left = new Set(progress.rest.map((task) => task.key));
    return plan.steps
      .filter((step) => left.has(step.id))
      .map((step): Peg => {
        const index = tasks.findIndex((task) => task.key === step.id);
        const task = tasks[index];
        const before = tasks[index - 1];
        const ended = plan.steps.find((one) => one.id === before?.key)?.endMs;
        const after = before && ended !== undefined ? windowAfter(before, ended) : { earliestMs: null, latestMs: null };
        const window = progress.next?.task.key === step.id ? progress.next.window : after;
        return {
          key: `${batch.id}-${step.id}`,
          batchId: batch.id,
          task: step.id,
          number: batch.number,
          title: titleOf(batch),
          action: `${task?.step.action ?? step.id}${task && task.rounds > 1 ? ` (${task.round}/${task.rounds})` : ''}`,
          who: initials.get(step.by) ?? '',
          fromMs: step.startMs,
          toMs: step.endMs,
          earliestMs: window.earliestMs,
          latestMs: window.latestMs,
          slackUntilMs: step.slackUntilMs,
          pinned: pins.some((pin) => pin.batchId === batch.id && pin.task === step.id),
        };
      });
  });
}
