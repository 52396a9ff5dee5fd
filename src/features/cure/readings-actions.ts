'use server';

import { z } from 'zod';
import { clockSetRight, type LoggerFile, readLogger } from '@/core/cure';
import { formatDuration, MS_PER_HOUR, ok, type Result } from '@/core/quantity';
import { isAhead } from '@/data/command';
import { recordReadings } from '@/data/shop/commands';
import { theShop } from '@/data/shop/queries';
import { sayIssue } from '@/messages';
import { clockTime, fullDate } from '@/ui/when';
import { act, type Answer } from '../shop/act';
import type { FilePreview } from '../shop/components/file-sheet';
import { readCells } from '../shop/csv';

const HOUR_OFF = { right: 0, slow: 1, fast: -1 } as const;
const Taken = z.object({
  placeId: z.int().positive(),
  text: z.string().max(8_000_000),
  order: z.enum(['day-first', 'month-first']).nullable().default(null),
  clock: z.enum(['right', 'slow', 'fast']).default('right'),
});
type Taken = z.output<typeof Taken>;

/** A logger's file as it is understood with what someone said of it, its clock put right. */
function understand({ text, order, clock }: Taken, zone: string, nowMs: number) {
  const file = readLogger(readCells(text), zone, order);
  if (!file.ok) return file;
  const offMs = HOUR_OFF[clock] * MS_PER_HOUR;
  const told = file.value.readings.map((one) => ({ ...one, atMs: one.atMs + offMs }));
  const { readings, aheadMs } = clockSetRight(told, nowMs);
  return ok({ file: file.value, readings, aheadMs, movedMs: offMs - aheadMs });
}
const MOST_FAULTS = 6;
const ORDERS = [
  { value: 'day-first', name: 'day, then month' },
  { value: 'month-first', name: 'month, then day' },
];
const CLOCKS = [
  { value: 'right', name: 'right' },
  { value: 'slow', name: 'an hour slow' },
  { value: 'fast', name: 'an hour fast' },
];

const ORDER = { iso: 'year-month-day', 'day-first': 'day, then month', 'month-first': 'month, then day' } as const;

/** What a file was taken for, in words. */
const understoodWords = ({ understood: { order, orderIsSure, unit, humidity, decimal } }: LoggerFile): string =>
  [
    `dates ${ORDER[order]}${orderIsSure ? '' : ' (cannot be told for sure: say below)'}`,
    `°${unit}`,
    humidity === 'percent' ? 'humidity in percent' : 'humidity as 0 to 1',
    `decimal ${decimal}`,
  ].join(', ');

/** Shows what a logger's file was understood to hold, gaps and unreadable rows included. */
export async function lookAtReadings(input: unknown): Promise<Answer<FilePreview>> {
  return act(Taken, input, (db, taken, by): Result<FilePreview> => {
    const { zone } = theShop(db);
    const read = understand(taken, zone, by.nowMs);
    if (!read.ok) return ok({ fault: read.issues.map((issue) => `${sayIssue(issue)} (${issue.path})`).join(' '), rows: [] });
    const { file, readings, aheadMs, movedMs } = read.value;
    const { faults, gaps, understood } = file;
    const when = (ms: number): string => `${fullDate(ms, zone)} ${clockTime(ms, zone, ms)}`;
    const [first, last] = [readings[0], readings.at(-1)];
    const ahead = readings.filter((one) => isAhead(one.atMs, by)).length;
    return ok({
      fault: null,
      saves: `Keep ${readings.length - ahead} readings`,
      asks: [
        ...(understood.orderIsSure ? [] : [{ name: 'order', label: 'Its dates are', value: understood.order, options: ORDERS }]),
        { name: 'clock', label: 'Its clock was', value: 'right', options: CLOCKS },
      ],
      rows: [
        {
          name: first && last ? `${readings.length} readings, ${when(first.atMs)} to ${when(last.atMs)}` : 'no reading',
          under: understoodWords(file),
          status: readings.length > ahead ? 'new' : 'refused',
          knownAs: null,
          faults: [
            ...(aheadMs > 0
              ? [`The logger’s clock is ahead by ${formatDuration(aheadMs / 60_000)}: its times are moved back by that.`]
              : []),
            ...(ahead > 0 ? [`${ahead} lie in the future and are left out: the logger’s clock is ahead.`] : []),
            ...gaps.map(
              (gap) =>
                `A gap of ${formatDuration((gap.toMs - gap.fromMs) / 60_000)} from ${when(gap.fromMs + movedMs)}: it is shown, and bridged by what is usual there.`,
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
  return act(Taken, input, (db, taken, by) => {
    const read = understand(taken, theShop(db).zone, by.nowMs);
    if (!read.ok) return read;
    const kept = recordReadings(db, taken.placeId, read.value.readings, by);
    return kept.ok ? ok({ saved: kept.value }) : kept;
  });
}
