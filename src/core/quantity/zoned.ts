import { Temporal } from 'temporal-polyfill';
import { fail, ok, type Result } from './issue';

/** Whether an IANA zone name is known to this machine. */
export function isZone(zone: string): boolean {
  try {
    Temporal.Instant.fromEpochMilliseconds(0).toZonedDateTimeISO(zone);
    return true;
  } catch {
    return false;
  }
}

/**
 * A moment from ISO text: with an offset as it stands, without one as the zone's wall clock
 * (the earlier of two when the clock goes back, the later when it jumps over the time).
 * @returns UTC milliseconds
 */
export function instantOf(text: string, zone: string): Result<number> {
  try {
    if (/(Z|[+-]\d{2}:?\d{2})(\[.*\])?$/i.test(text) && text.includes('T')) {
      return ok(Temporal.Instant.from(text.replace(/\[.*\]$/, '')).epochMilliseconds);
    }
    return ok(wallClock(text, zone));
  } catch {
    return isZone(zone) ? fail('bad-time', '', { text }) : fail('unknown-zone', '', { zone });
  }
}

/** UTC milliseconds of a wall-clock time (`2031-03-04T08:30`) in a zone. Throws on text that is no time. */
export const wallClock = (text: string, zone: string): number =>
  Temporal.PlainDateTime.from(text).toZonedDateTime(zone, { disambiguation: 'compatible' }).epochMilliseconds;

/** ISO text with its offset, to the second: `2031-03-04T08:30:00+01:00`. */
export const formatInstant = (ms: number, zone: string): string =>
  Temporal.Instant.fromEpochMilliseconds(Math.round(ms))
    .toZonedDateTimeISO(zone)
    .toString({ timeZoneName: 'never', smallestUnit: 'second' });

/** The zone's calendar date of a moment, `2031-03-04`. */
export const dateOf = (ms: number, zone: string): string =>
  Temporal.Instant.fromEpochMilliseconds(Math.round(ms)).toZonedDateTimeISO(zone).toPlainDate().toString();

/** A calendar date some days on. */
export const addDays = (date: string, days: number): string => Temporal.PlainDate.from(date).add({ days }).toString();

/** Day of the week of a date: 1 Monday … 7 Sunday. */
export const dayOfWeek = (date: string): number => Temporal.PlainDate.from(date).dayOfWeek;

/** Whole days from one date to another. */
export const daysBetween = (from: string, to: string): number =>
  Temporal.PlainDate.from(from).until(Temporal.PlainDate.from(to), { largestUnit: 'days' }).days;

/** A calendar date some months on; the last day of a shorter month stands for one it lacks. */
export const addMonths = (date: string, months: number): string => Temporal.PlainDate.from(date).add({ months }).toString();
