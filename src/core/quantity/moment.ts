import { MS_PER_MINUTE, parseDuration } from './duration';
import { fail, ok, type Result } from './issue';
import { typedText } from './typed';
import { addDays, dateOf, dayOfWeek, instantOf, wallClock } from './zoned';

/** Which way a day without a date leans: to the next one, or to the last one that was. */
export type TimeLean = 'ahead' | 'back';

const DAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as const;
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'] as const;
/** Days from today by their words. */
const NEAR: Readonly<Record<string, number>> = { yesterday: -1, today: 0, tomorrow: 1 };
/** The shortest a day's or a month's name may be cut to. */
const SHORTEST = 3;
/** Where a day is given without its hour the work begins so. Source: working choice. */
const MORNING = '08:00';

const isCut = (word: string, name: string): boolean => word.length >= SHORTEST && name.startsWith(word);

/** `9`, `9:30`, `9.30`, `14:00`, `2 pm` as `HH:MM`; null where it is no time of a day. */
function timeOfDay(text: string): string | null {
  const match = /^(\d{1,2})(?:[:.](\d{2}))? ?(am|pm)?$/.exec(text);
  if (!match) return null;
  const [, hours = '', minutes = '00', half] = match;
  const hour = half ? (Number(hours) % 12) + (half === 'pm' ? 12 : 0) : Number(hours);
  if (hour > 23 || Number(minutes) > 59 || (half && (Number(hours) < 1 || Number(hours) > 12))) return null;
  return `${String(hour).padStart(2, '0')}:${minutes}`;
}

/** The date some words name, and the words after it; null where they begin with none. */
function dateIn(
  words: readonly string[],
  today: string,
  lean: TimeLean,
): { readonly date: string; readonly rest: readonly string[] } | null {
  const [first = '', second = '', third = ''] = words;
  const near = NEAR[first];
  if (near !== undefined) return { date: addDays(today, near), rest: words.slice(1) };
  const day = DAYS.findIndex((name) => isCut(first, name)) + 1;
  if (day > 0) {
    const ahead = (day - dayOfWeek(today) + 7) % 7;
    return { date: addDays(today, lean === 'ahead' ? ahead : ahead === 0 ? 0 : ahead - 7), rest: words.slice(1) };
  }
  if (/^\d{4}-\d{2}-\d{2}$/.test(first)) return { date: first, rest: words.slice(1) };
  const month = MONTHS.findIndex((name) => second.slice(0, SHORTEST) === name && second.length >= SHORTEST) + 1;
  if (!/^\d{1,2}$/.test(first) || month === 0) return null;
  const hasYear = /^\d{4}$/.test(third);
  const of = (year: number): string => `${year}-${String(month).padStart(2, '0')}-${first.padStart(2, '0')}`;
  const year = Number(today.slice(0, 4));
  const near12 = lean === 'ahead' && of(year) < today ? year + 1 : lean === 'back' && of(year) > today ? year - 1 : year;
  return { date: of(hasYear ? Number(third) : near12), rest: words.slice(hasYear ? 3 : 2) };
}

/** Some time before or after now: `40 min ago`, `in 2 h`. */
function fromNow(text: string, nowMs: number): Result<number> | null {
  const ago = /^(.+) ago$/.exec(text)?.[1];
  const ahead = /^in (.+)$/.exec(text)?.[1];
  const span = ago ?? ahead;
  if (span === undefined) return null;
  const parsed = parseDuration(span);
  return parsed.ok ? ok(nowMs + (ago === undefined ? 1 : -1) * parsed.value * MS_PER_MINUTE) : parsed;
}

/**
 * A moment as people say it, by the shop's clock: `now`, `40 min ago`, `in 2 h`, `14:00`, `tomorrow 9`, `fri 14:00`, `12 mar 9:30`,
 * `2031-03-12 14:00`, and what a native field gives. A day without an hour begins at eight; an hour without a day is today's.
 * @returns UTC milliseconds
 */
export function parseMoment(text: string, nowMs: number, zone: string, lean: TimeLean): Result<number> {
  const typed = typedText(text);
  if (!typed.ok) return typed;
  const plain = typed.value
    .toLowerCase()
    .replace(/,/g, ' ')
    .replace(/\bat\b/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const bad = fail('bad-time', '', { text: text.trim() });
  if (plain === '') return fail('required', '');
  if (plain === 'now') return ok(nowMs);
  const span = fromNow(plain, nowMs);
  if (span) return span.ok ? span : bad;
  if (/^\d{4}-\d{2}-\d{2}t/.test(plain)) return instantOf(plain.toUpperCase(), zone);
  const today = dateOf(nowMs, zone);
  const said = dateIn(plain.split(' '), today, lean);
  const rest = said ? said.rest.join(' ') : plain;
  const time = rest === '' ? MORNING : timeOfDay(rest);
  if (time === null) return bad;
  try {
    const at = wallClock(`${said?.date ?? today}T${time}`, zone);
    // The same day of the week a week off, where its hour has gone by already, or is still to come.
    const isNamedDay = said !== null && said.date === today && DAYS.some((name) => isCut(plain.split(' ')[0] ?? '', name));
    if (!isNamedDay || (lean === 'ahead' ? at >= nowMs : at <= nowMs)) return ok(at);
    return ok(wallClock(`${addDays(today, lean === 'ahead' ? 7 : -7)}T${time}`, zone));
  } catch {
    return bad;
  }
}
