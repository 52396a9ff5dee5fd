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
