import { Temporal } from 'temporal-polyfill';
import { MS_PER_DAY, MS_PER_MINUTE } from './duration';
import { fail, ok, type Result } from './issue';
import { MOST_TYPED } from './typed';

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
  if (text.length > MOST_TYPED) return fail('bad-time', '', { text: `${text.slice(0, 20)}…` });
  try {
    if (/(Z|[+-]\d{2}:?\d{2})(\[.*\])?$/i.test(text) && text.includes('T')) {
      return ok(Temporal.Instant.from(text.split('[')[0] ?? '').epochMilliseconds);
    }
    return ok(wallClock(text, zone));
  } catch {
    return isZone(zone) ? fail('bad-time', '', { text }) : fail('unknown-zone', '', { zone });
  }
}

/** UTC milliseconds of a wall-clock time (`2031-03-04T08:30`) in a zone. Throws on text that is no time. */
export const wallClock = (text: string, zone: string): number =>
  Temporal.PlainDateTime.from(text).toZonedDateTime(zone, { disambiguation: 'compatible' }).epochMilliseconds;

/** Clocks change on quarters of an hour of UTC, in every zone there is. */
const QUARTER_MS = 900_000;
/** Offsets looked up are remembered; past this many, all are forgotten. */
const MOST_OFFSETS = 20_000;
const offsets = new Map<string, number>();

/** How far a zone's wall clock is ahead of UTC at a moment, ms. */
function offsetAt(ms: number, zone: string): number {
  const key = `${zone} ${Math.floor(ms / QUARTER_MS)}`;
  const known = offsets.get(key);
  if (known !== undefined) return known;
  const offset = Temporal.Instant.fromEpochMilliseconds(Math.floor(ms)).toZonedDateTimeISO(zone).offsetNanoseconds / 1e6;
  if (offsets.size >= MOST_OFFSETS) offsets.clear();
  offsets.set(key, offset);
  return offset;
}

/** Longer than any clock is ever set back by, ms. */
const PAST_CHANGE_MS = 4 * 3_600_000;

/** The second moment at which a zone's wall clock shows what it shows at this one, in the doubled hour of autumn; null elsewhere. */
export function shownAgain(ms: number, zone: string): number | null {
  const back = offsetAt(ms, zone) - offsetAt(ms + PAST_CHANGE_MS, zone);
  const again = ms + back;
  return back > 0 && offsetAt(ms, zone) - offsetAt(again, zone) === back ? again : null;
}

const twoDigits = (value: number): string => String(value).padStart(2, '0');

/** ISO text with its offset, to the second: `2031-03-04T08:30:00+01:00`. */
export function formatInstant(ms: number, zone: string): string {
  const seconds = Math.floor(Math.round(ms) / 1000) * 1000;
  const offset = offsetAt(seconds, zone);
  const minutes = Math.abs(offset) / MS_PER_MINUTE;
  const local = new Date(seconds + offset).toISOString().slice(0, 19);
  return `${local}${offset < 0 ? '-' : '+'}${twoDigits(Math.floor(minutes / 60))}:${twoDigits(Math.floor(minutes % 60))}`;
}

/** The zone's calendar date of a moment, `2031-03-04`. */
export const dateOf = (ms: number, zone: string): string =>
  new Date(Math.round(ms) + offsetAt(ms, zone)).toISOString().slice(0, 10);

const dayNumber = (date: string): number => Date.parse(`${date}T00:00:00Z`) / MS_PER_DAY;

/** A calendar date some days on. */
export const addDays = (date: string, days: number): string =>
  new Date((dayNumber(date) + days) * MS_PER_DAY).toISOString().slice(0, 10);

/** Day of the week of a date: 1 Monday … 7 Sunday. */
export const dayOfWeek = (date: string): number => ((((dayNumber(date) + 3) % 7) + 7) % 7) + 1;

/** Whole days from one date to another. */
export const daysBetween = (from: string, to: string): number => dayNumber(to) - dayNumber(from);

/** A calendar date some months on; the last day of a shorter month stands for one it lacks. */
export const addMonths = (date: string, months: number): string => Temporal.PlainDate.from(date).add({ months }).toString();
