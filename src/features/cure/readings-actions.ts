'use server';

import { z } from 'zod';
import { clockSetRight, type LoggerFile, readLogger } from '@/core/cure';
import { formatDuration, ok, type Result } from '@/core/quantity';
import { isAhead } from '@/data/command';
import { recordReadings } from '@/data/shop/commands';
import { theShop } from '@/data/shop/queries';
import { sayIssue } from '@/messages';
import { clockTime, fullDate } from '@/ui/when';
import { act, type Answer } from '../shop/act';
import type { FilePreview } from '../shop/components/file-sheet';
import { readCells } from '../shop/csv';

const Taken = z.object({ placeId: z.int().positive(), text: z.string().max(8_000_000) });
const MOST_FAULTS = 6;

const ORDER = { iso: 'year-month-day', 'day-first': 'day, then month', 'month-first': 'month, then day' } as const;

/** What a file was taken for, in words. */
const understoodWords = ({ understood: { order, orderIsSure, unit, humidity, decimal } }: LoggerFile): string =>
  [
    `dates ${ORDER[order]}${orderIsSure ? '' : ' (cannot be told for sure: look at the span)'}`,
    `°${unit}`,
    humidity === 'percent' ? 'humidity in percent' : 'humidity as 0 to 1',
    `decimal ${decimal}`,
  ].join(', ');

/** Shows what a logger's file was understood to hold, gaps and unreadable rows included. */
export async function lookAtReadings(input: unknown): Promise<Answer<FilePreview>> {
  return act(Taken, input, (db, { text }, by): Result<FilePreview> => {
    const { zone } = theShop(db);
    const file = readLogger(readCells(text), zone);
    if (!file.ok) return ok({ fault: file.issues.map((issue) => `${sayIssue(issue)} (${issue.path})`).join(' '), rows: [] });
    const { faults, gaps } = file.value;
    const { readings, aheadMs } = clockSetRight(file.value.readings, by.nowMs);
    const when = (ms: number): string => `${fullDate(ms, zone)} ${clockTime(ms, zone, ms)}`;
    const [first, last] = [readings[0], readings.at(-1)];
    const ahead = readings.filter((one) => isAhead(one.atMs, by)).length;
    return ok({
      fault: null,
      rows: [
        {
          name: first && last ? `${readings.length} readings, ${when(first.atMs)} to ${when(last.atMs)}` : 'no reading',
          under: understoodWords(file.value),
          status: readings.length > ahead ? 'new' : 'refused',
          knownAs: null,
          faults: [
            ...(aheadMs > 0
              ? [`The logger’s clock is ahead by ${formatDuration(aheadMs / 60_000)}: its times are moved back by that.`]
              : []),
            ...(ahead > 0 ? [`${ahead} lie in the future and are left out: the logger’s clock is ahead.`] : []),
            ...gaps.map(
              (gap) =>
                `A gap of ${formatDuration((gap.toMs - gap.fromMs) / 60_000)} from ${when(gap.fromMs - aheadMs)}: it is shown, and bridged by what is usual there.`,
            ),
            ...faults.slice(0, MOST_FAULTS).map(({ row, issue }) => `Row ${row}: ${sayIssue(issue)}`),
            ...(faults.length > MOST_FAULTS ? [`and ${faults.length - MOST_FAULTS} more rows that cannot be read`] : []),
          ],
        },
      ],
    });
  });
}

/** Keeps what could be read. */
export async function takeReadings(input: unknown): Promise<Answer<{ readonly saved: number }>> {
  return act(Taken, input, (db, { placeId, text }, by) => {
    const file = readLogger(readCells(text), theShop(db).zone);
    if (!file.ok) return file;
    const kept = recordReadings(db, placeId, clockSetRight(file.value.readings, by.nowMs).readings, by);
    return kept.ok ? ok({ saved: kept.value }) : kept;
  });
}
