import 'server-only';
import { missOf, type Task, windowAfter } from '@/core/batch';
import { formatInstant, say } from '@/core/quantity';
import { laysCoat } from '@/core/regimen';
import type { BatchPlan } from '@/data/plan/shop-plan';
import type { Batch, LogEntry } from '@/data/work/batch';
import type { BatchStanding } from '@/data/work/standing';
import { FAULT_WORDS, SURFACE_WORDS } from '@/messages';
import { bookRows as wording } from '@/messages/screens/work';
import { clockTime } from '@/ui/when';
import { reads } from '@/web/here';
import type { BookRow } from './components/coat-book';
import { faultsOf } from './troubles';

const details = (entry: LogEntry): string =>
  [
    entry.grams === null ? '' : `${say(entry.grams, 'g', reads())}${entry.gramsEstimated ? ' (estimate)' : ''}`,
    entry.tempC === null ? '' : say(entry.tempC, '°C', reads()),
    entry.rhFraction === null ? '' : say(entry.rhFraction, 'fraction', reads()),
    entry.pass === null ? '' : entry.pass ? 'passed' : wording.notYet,
  ]
    .filter(Boolean)
    .join(', ');

/** The chemistry's window in words; empty where nothing bounds it. */
function windowWords(earliestMs: number | null, latestMs: number | null, time: (ms: number) => string): string {
  if (earliestMs === null) return '';
  return latestMs === null ? wording.fromNothingSpoils(time(earliestMs)) : `${time(earliestMs)} to ${time(latestMs)}`;
}

/** The rows of the book: every task, with the plan's pencil and the log's ink. */
export function rowsOf(
  batch: Batch,
  { progress, tasks }: BatchStanding,
  plan: BatchPlan | null,
  zone: string,
  nowMs: number,
  initials: ReadonlyMap<number, string>,
): BookRow[] {
  const time = (ms: number): string => clockTime(ms, zone, nowMs);
  return tasks.map((task, index) => {
    const done = progress.done[index];
    const planned = plan?.feasible ? plan.steps.find((step) => step.id === task.key) : undefined;
    const book = done && batch.book.find(({ entry }) => entry.clientId === done.fact.id);
    const entry = book?.stands;
    const round = task.rounds > 1 ? wording.roundOf(task.round, task.rounds) : '';
    const before = plan?.feasible ? plan.steps.find((step) => step.id === tasks[index - 1]?.key) : undefined;
    const ahead =
      progress.next?.task.key === task.key
        ? progress.next.window
        : before && tasks[index - 1]
          ? windowAfter(tasks[index - 1] as Task, before.endMs)
          : null;
    return {
      key: task.key,
      action: `${task.step.action}${round}`,
      done: task.step.done,
      planned: done ? '' : planned ? `${time(planned.startMs)} ${initials.get(Number(planned.by)) ?? ''}` : '',
      window: done
        ? windowWords(done.window.earliestMs, done.window.latestMs, time)
        : windowWords(ahead?.earliestMs ?? null, ahead?.latestMs ?? null, time),
      slack: done || !planned || planned.slackUntilMs === planned.startMs ? null : time(planned.slackUntilMs),
      actual:
        done && entry && book
          ? {
              clientId: book.entry.clientId,
              time: time(entry.at),
              who: initials.get(entry.personId) ?? '',
              details: details(entry),
              seen: [
                entry.seen,
                ...faultsOf(entry).map(
                  ({ fault, surface, piece }) =>
                    `${FAULT_WORDS[fault].name}, ${SURFACE_WORDS[surface]}${piece ? ` of ${piece}` : ''}`,
                ),
              ]
                .filter(Boolean)
                .join('; '),
              note: entry.seen,
              photo: entry.photo,
              spots: faultsOf(entry).flatMap(({ fault, at }) => (at ? [{ fault: FAULT_WORDS[fault].name, at }] : [])),
              elsewhere: entry.batchId !== batch.id,
              isLast: index === progress.done.length - 1,
              missMin: Math.round(missOf(done.window, done.startMs)),
              leftOut: book.entry.kind === 'left-out',
              struck: book.entry.clientId === entry.clientId ? [] : [`${time(book.entry.at)} ${details(book.entry)}`],
              at: formatInstant(entry.at, zone).slice(0, 16),
              grams: entry.grams === null ? null : say(entry.grams, 'g', reads()),
            }
          : null,
      isNext: progress.next?.task.key === task.key,
      isCoat: laysCoat(task.step),
    };
  });
}
