import 'server-only';
import { z } from 'zod';
import { clockSetRight, type LoggerFile, readLogger } from '@/core/cure';
import { MS_PER_HOUR, MS_PER_MINUTE, ok, type Result, sayMinutes } from '@/core/quantity';
import { type By, isAhead } from '@/data/command';
import { openFile } from '@/data/db';
import { recordReadings } from '@/data/shop/commands';
import { sayIssue } from '@/messages';
import { readingsFile as wording } from '@/messages/screens/cure';
import { rowId } from '@/trade/shapes';
import { clockTime, fullDate } from '@/ui/when';
import { readCells } from '@/web/csv';
import type { FilePreview } from '@/web/file-sheet';
import { reads } from '@/web/here';

const HOUR_OFF = { right: 0, slow: 1, fast: -1 } as const;
export const TakenReadings = z.object({
  placeId: rowId,
  text: z.string().max(8_000_000),
  order: z.enum(['day-first', 'month-first']).nullable().default(null),
  clock: z.enum(['right', 'slow', 'fast']).default('right'),
});
export type TakenReadings = z.output<typeof TakenReadings>;

/** A logger's file as it is understood with what someone said of it, its clock put right. */
function understand({ text, order, clock }: TakenReadings, zone: string, nowMs: number) {
  const file = readLogger(readCells(text), zone, order);
  if (!file.ok) return file;
  const offMs = HOUR_OFF[clock] * MS_PER_HOUR;
  const told = file.value.readings.map((one) => ({ ...one, atMs: one.atMs + offMs }));
  const { readings, aheadMs } = clockSetRight(told, nowMs);
  return ok({ file: file.value, readings, aheadMs, movedMs: offMs - aheadMs });
}
const MOST_FAULTS = 6;
const MOST_GAPS = 12;
const ORDERS = [
  { value: 'day-first', name: wording.dayThenMonth },
  { value: 'month-first', name: wording.monthThenDay },
];
const CLOCKS = [
  { value: 'right', name: 'right' },
  { value: 'slow', name: wording.anHourSlow },
  { value: 'fast', name: wording.anHourFast },
];

const ORDER = { iso: 'year-month-day', 'day-first': 'day, then month', 'month-first': 'month, then day' } as const;

/** What a file was taken for, in words. */
const understoodWords = ({ understood: { order, orderIsSure, unit, humidity, decimal } }: LoggerFile): string =>
  [
    wording.dates(ORDER[order], orderIsSure ? '' : wording.cannotBeToldFor),
    `°${unit}`,
    humidity === 'percent' ? wording.humidityInPercent : wording.humidityAsTo,
    wording.decimal(decimal),
  ].join(', ');

/** What a logger's file was understood to hold, gaps and unreadable rows included; for a thread of its own. */
export function lookAtReadingsFile(taken: TakenReadings, zone: string, nowMs: number): Result<FilePreview> {
  const read = understand(taken, zone, nowMs);
  if (!read.ok)
    return ok({ fault: read.issues.map((issue) => `${sayIssue(issue, reads())} (${issue.path})`).join(' '), rows: [] });
  const { file, readings, aheadMs, movedMs } = read.value;
  const { faults, gaps, understood } = file;
  const when = (ms: number): string => `${fullDate(ms, zone)} ${clockTime(ms, zone, ms)}`;
  const [first, last] = [readings[0], readings.at(-1)];
  const ahead = readings.filter((one) => isAhead(one.atMs, { nowMs })).length;
  return ok({
    fault: null,
    saves: wording.keepReadings(readings.length - ahead),
    asks: [
      ...(understood.orderIsSure
        ? []
        : [{ name: 'order', label: wording.itsDatesAre, value: understood.order, options: ORDERS }]),
      { name: 'clock', label: wording.itsClockWas, value: 'right', options: CLOCKS },
    ],
    rows: [
      {
        name: first && last ? wording.readingsTo(readings.length, when(first.atMs), when(last.atMs)) : wording.noReading,
        under: understoodWords(file),
        status: readings.length > ahead ? 'new' : 'refused',
        knownAs: null,
        faults: [
          ...(aheadMs > 0 ? [wording.theLoggersClockIs(sayMinutes(aheadMs / MS_PER_MINUTE))] : []),
          ...(ahead > 0 ? [wording.lieInTheFuture(ahead)] : []),
          ...gaps
            .slice(0, MOST_GAPS)
            .map((gap) => wording.aGapOfFrom(sayMinutes((gap.toMs - gap.fromMs) / MS_PER_MINUTE), when(gap.fromMs + movedMs))),
          ...(gaps.length > MOST_GAPS ? [wording.andMoreGaps(gaps.length - MOST_GAPS)] : []),
          ...faults.slice(0, MOST_FAULTS).map(({ row, issue }) => wording.row(row, sayIssue(issue, reads()))),
          ...(faults.length > MOST_FAULTS ? [wording.andMoreRowsThat(faults.length - MOST_FAULTS)] : []),
        ],
      },
    ],
  });
}

/** So many readings are kept at a time, and so long is waited between: others who write come in between. */
const AT_A_TIME = 10_000;
const PAUSE_MS = 400;

/**
 * Keeps what could be read of a file, for a thread of its own, through a connection of its own. It is kept part by part: each is a whole,
 * and what was cut off is made good by taking the file again, since a reading is kept once.
 */
export async function takeReadingsFile(
  file: string,
  taken: TakenReadings,
  zone: string,
  by: By,
): Promise<Result<{ readonly saved: number }>> {
  const read = understand(taken, zone, by.nowMs);
  if (!read.ok) return read;
  const { db, raw } = openFile(file);
  try {
    raw.pragma('busy_timeout = 5000');
    let saved = 0;
    for (let from = 0; from < read.value.readings.length; from += AT_A_TIME) {
      const kept = recordReadings(db, taken.placeId, read.value.readings.slice(from, from + AT_A_TIME), by);
      if (!kept.ok) return kept;
      saved += kept.value;
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
    return ok({ saved });
  } finally {
    raw.close();
  }
}
