import type { Opening } from './schema';

/** Hours as typed: `08:30-12:30, 13:30-18:00`, empty for closed. One text a day, Monday first. */
export type HoursText = readonly string[];

export const hoursText = (hours: readonly Opening[]): HoursText =>
  Array.from({ length: 7 }, (_, i) =>
    hours
      .filter((row) => row.day === i + 1)
      .map((row) => `${row.open}-${row.close}`)
      .join(', '),
  );

const TIME = /^\s*(\d{1,2})[:.]?(\d{2})?\s*[-–]\s*(\d{1,2})[:.]?(\d{2})?\s*$/;
const pad = (text: string | undefined): string => (text ?? '00').padStart(2, '0');

/** Typed hours as openings; the days that could not be read by their index. */
export function readHours(text: HoursText): { readonly hours: Opening[]; readonly bad: readonly number[] } {
  const bad = new Set<number>();
  const hours = text.flatMap((line, i) =>
    line.trim() === ''
      ? []
      : line.split(',').flatMap((part) => {
          const match = TIME.exec(part);
          const open = match ? `${pad(match[1])}:${pad(match[2])}` : '';
          const close = match ? `${pad(match[3])}:${pad(match[4])}` : '';
          if (!match || open >= close || close > '24:00' || Number(pad(match[2])) > 59 || Number(pad(match[4])) > 59) {
            bad.add(i);
            return [];
          }
          return [{ day: i + 1, open, close }];
        }),
  );
  return { hours, bad: [...bad] };
}

/** A quarter of an hour is as fine as hours are dragged. */
export const HOURS_STEP_MIN = 15;

export const minutesOf = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
const timeOf = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

/**
 * One day's hours with an opening or a closing moved: `edge` counts both, from the day's first opening on (0 opens, 1 closes, 2 opens
 * again). It snaps to a quarter and stops a quarter short of its neighbours. A day that cannot be read stays as it is.
 */
export function withEdge(line: string, edge: number, toMin: number): string {
  const { hours, bad } = readHours([line]);
  const edges = hours.flatMap(({ open, close }) => [minutesOf(open), minutesOf(close)]);
  if (bad.length > 0 || edges[edge] === undefined) return line;
  const least = edge === 0 ? 0 : (edges[edge - 1] ?? 0) + HOURS_STEP_MIN;
  const most = edges[edge + 1] === undefined ? 24 * 60 : (edges[edge + 1] ?? 0) - HOURS_STEP_MIN;
  const moved = Math.round(toMin / HOURS_STEP_MIN) * HOURS_STEP_MIN;
  edges[edge] = Math.min(Math.max(moved, least), Math.max(least, most));
  return hours.map((_, i) => `${timeOf(edges[2 * i] ?? 0)}-${timeOf(edges[2 * i + 1] ?? 0)}`).join(', ');
}
