import { type Task, type Window, windowAfter } from '@/core/batch';
import { MS_PER_MINUTE } from '@/core/quantity';
import type { HandAction } from './action';
import { asAction, type TaskWords } from './task-words';

/** What comes after the next action, as far as a device must know it to go on without the shop. */
export type Ahead = TaskWords & { readonly wait: Task['wait'] };

/** The steps left of a batch, for its bench view. */
export const aheadOf = (rest: readonly Task[]): Ahead[] => rest.map((task) => ({ ...asAction(task), wait: task.wait }));

type Written = {
  readonly batchId: number;
  readonly task: string;
  readonly at: number;
  readonly kind?: string;
  readonly pass?: boolean | null;
};

/**
 * The next action once what this device wrote down is counted too, though the shop does not have it yet.
 * A check that did not pass stays next, as it will be repeated.
 */
export function projected(action: HandAction, ahead: readonly Ahead[], written: readonly Written[]): HandAction | null {
  let now: HandAction | null = action;
  for (const record of written) {
    if (now === null || record.batchId !== now.batchId || record.task !== now.task || record.pass === false) continue;
    const index = ahead.findIndex((one) => one.task === record.task);
    const [done, next] = [ahead[index], ahead[index + 1]];
    if (!done) continue;
    const { wait: _, ...rest } = next ?? done;
    const window: Window =
      record.kind === 'left-out' ? { earliestMs: record.at, idealMs: record.at, latestMs: null } : windowAfter(done, record.at);
    now = next
      ? {
          ...now,
          ...rest,
          ...window,
          fromMs: record.at,
          plannedMs: null,
          slackUntilMs: null,
          lot: null,
          note: '',
          labelRule: '',
          room: '',
          house: '',
          estimatedG: null,
          blocked: null,
        }
      : null;
  }
  return now;
}

/** When an action wants to be called out: its window opens, its best moment, five minutes before harm, and harm; UTC ms. */
export const CALL_BEFORE_MS = 5 * MS_PER_MINUTE;
export type Call = { readonly at: number; readonly what: 'opens' | 'ideal' | 'soon' | 'risk' };

/** The calls of an action. Where nothing spoils only the opening is called. */
export function callsOf({ earliestMs, idealMs, latestMs, fromMs }: HandAction): Call[] {
  if (fromMs === null || earliestMs === null) return [];
  // What may follow at once needs no calling.
  const calls: Call[] = earliestMs > fromMs + MS_PER_MINUTE ? [{ at: earliestMs, what: 'opens' }] : [];
  if (idealMs !== null && idealMs > earliestMs) calls.push({ at: idealMs, what: 'ideal' });
  if (latestMs !== null) {
    if (latestMs - CALL_BEFORE_MS > earliestMs) calls.push({ at: latestMs - CALL_BEFORE_MS, what: 'soon' });
    calls.push({ at: latestMs, what: 'risk' });
  }
  return calls;
}
