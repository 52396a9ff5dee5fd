import { MS_PER_DAY } from '@/core/quantity';

const formatters = new Map<string, Intl.DateTimeFormat>();

/** A formatter, made once: making one costs more than using it a hundred times. */
function formatter(locale: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${locale} ${JSON.stringify(options)}`;
  const known = formatters.get(key) ?? new Intl.DateTimeFormat(locale, options);
  formatters.set(key, known);
  return known;
}

/** `09:12` of today, `Tue 09:12` of the days ahead, `4 Mar, 09:12` of days gone by and far ones, with the year past half a year. */
export function clockTime(ms: number, zone: string, nowMs?: number): string {
  const time = formatter('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit' }).format(ms);
  if (nowMs !== undefined && dayName(ms, zone) === dayName(nowMs, zone) && Math.abs(ms - nowMs) < 6 * MS_PER_DAY) return time;
  if (nowMs !== undefined && Math.abs(ms - nowMs) > 180 * MS_PER_DAY) return `${fullDate(ms, zone)}, ${time}`;
  if (nowMs !== undefined && (ms < nowMs || ms - nowMs > 6 * MS_PER_DAY)) return `${dayMonth(ms, zone)}, ${time}`;
  return `${dayName(ms, zone)} ${time}`;
}

const dayName = (ms: number, zone: string): string => formatter('en-GB', { timeZone: zone, weekday: 'short' }).format(ms);

/** `4 Mar` */
export const dayMonth = (ms: number, zone: string): string =>
  formatter('en-GB', { timeZone: zone, day: 'numeric', month: 'short' }).format(ms);

/** `Tue 4 Mar` */
export const dayAndDate = (ms: number, zone: string): string =>
  formatter('en-GB', { timeZone: zone, weekday: 'short', day: 'numeric', month: 'short' }).format(ms);

/** `4 Mar 2031`, for what is kept for years. */
export const fullDate = (ms: number, zone: string): string =>
  formatter('en-GB', { timeZone: zone, day: 'numeric', month: 'short', year: 'numeric' }).format(ms);

/** `4 Mar 2031` of a calendar date. */
export const longDate = (date: string): string =>
  formatter('en-GB', { timeZone: 'UTC', day: 'numeric', month: 'short', year: 'numeric' }).format(
    Date.parse(`${date}T12:00:00Z`),
  );

/** The year by the shop’s clock, for what is only an example. */
export const yearOf = (ms: number, zone: string): number =>
  Number(formatter('en-GB', { timeZone: zone, year: 'numeric' }).format(ms));

/** `2031-03-04T09:12`, as a field for a date and time takes it. */
export const wallTime = (ms: number, zone: string): string =>
  formatter('sv-SE', { timeZone: zone, dateStyle: 'short', timeStyle: 'short' }).format(ms).replace(' ', 'T');

/** `2031-03-04 09:12`, for books and files. */
export const toTheMinute = (ms: number, zone: string): string => wallTime(ms, zone).replace('T', ' ');
