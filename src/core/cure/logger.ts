import { middle } from '@/core/numeric';
import { fail, type Issue, instantOf, MS_PER_HOUR, ok, parseNumber, type Result, shownAgain } from '@/core/quantity';

/** One reading of a room logger; UTC ms, °C, humidity 0–1. */
export type Logged = { readonly atMs: number; readonly tempC: number; readonly rh: number };
/** What a logger's file was understood as. `order` is that of day, month and year where they are written so. */
export type UnderstoodLog = {
  readonly order: 'iso' | 'day-first' | 'month-first';
  /** Whether the order could be told from the file itself. */
  readonly orderIsSure: boolean;
  readonly unit: 'C' | 'F';
  readonly humidity: 'percent' | 'fraction';
  readonly decimal: 'comma' | 'point';
};
export type LoggerFile = {
  readonly understood: UnderstoodLog;
  readonly readings: readonly Logged[];
  /** Rows that could not be read, by their place in the file (the first row after the heading is 1). */
  readonly faults: readonly { readonly row: number; readonly issue: Issue }[];
  /** Stretches without a reading that are far longer than the logger's own beat. */
  readonly gaps: readonly { readonly fromMs: number; readonly toMs: number }[];
};

const NAMES = {
  date: /^(date|datum|fecha|jour|day)\b/i,
  time: /time|zeit|hora|heure|uhr|stamp/i,
  temp: /temp|°\s*[cf]|celsius|fahrenheit/i,
  rh: /\brh\b|\bhum|feucht|humed|hygro|%/i,
} as const;
/** Past this middle a temperature without a unit is taken as °F: no shop is 45 °C warm. */
const FAHRENHEIT_FROM = 45;
/** A pause this many beats long is a gap, and never less than an hour. */
const GAP_BEATS = 4;
const LEAST_GAP_MS = MS_PER_HOUR;
/** No cell of a reading is longer; the rest of one that is was never a number. */
const MOST_CELL = 60;
const LIMITS = { tempC: [-40, 60], rh: [0, 1] } as const;

type Columns = { readonly date: number; readonly time: number; readonly temp: number; readonly rh: number };

function columnsOf(heading: readonly string[]): Result<Columns> {
  const find = (name: RegExp, not: readonly number[]): number =>
    heading.findIndex((cell, i) => name.test(cell) && !not.includes(i));
  const date = find(NAMES.date, []);
  const time = find(NAMES.time, [date]);
  const temp = find(NAMES.temp, [date, time]);
  const rh = find(NAMES.rh, [date, time, temp]);
  const issues: Issue[] = [
    ...(date < 0 && time < 0 ? [{ code: 'required' as const, path: 'time' }] : []),
    ...(temp < 0 ? [{ code: 'required' as const, path: 'temperature' }] : []),
    ...(rh < 0 ? [{ code: 'required' as const, path: 'humidity' }] : []),
  ];
  return issues.length > 0 ? { ok: false, issues } : ok({ date, time, temp, rh });
}

const WRITTEN = /^(\d{1,2})[./-](\d{1,2})[./-](\d{2,4})[ T,]*(\d{1,2}):(\d{2})(?::\d{2})?\s*(am|pm)?$/i;
const two = (value: number): string => String(value).padStart(2, '0');

/** A moment as it is written, in an order of day and month; null where it is none. */
function momentOf(text: string, order: UnderstoodLog['order'], zone: string): number | null {
  const match = WRITTEN.exec(text);
  if (!match) {
    if (!/^\s*\d{4}-/.test(text)) return null;
    const iso = instantOf(text.trim().replace(/^(\d{4}-\d{2}-\d{2})\s+(\d{2}:\d{2})/, '$1T$2'), zone);
    return iso.ok ? iso.value : null;
  }
  const [, a = '', b = '', y = '', h = '', m = '', half] = match;
  const [day, month] = order === 'month-first' ? [Number(b), Number(a)] : [Number(a), Number(b)];
  const year = y.length === 2 ? `20${y}` : y.padStart(4, '0');
  const hour = half ? (Number(h) % 12) + (half.toLowerCase() === 'pm' ? 12 : 0) : Number(h);
  if (month < 1 || month > 12 || day < 1 || day > 31 || hour > 23) return null;
  const found = instantOf(`${year}-${two(month)}-${two(day)}T${two(hour)}:${m}`, zone);
  return found.ok ? found.value : null;
}

/** Whether a text says itself how far its clock is from UTC. */
const saysOffset = (text: string): boolean => /(?:Z|[+-]\d{2}:?\d{2})$/i.test(text) && text.includes(':');

/**
 * Moments of a file's rows in their order. Where the clock goes back in autumn an hour is written twice: rows after the time steps back in it
 * are of the second. A file that runs from the newest to the oldest is read from its end.
 */
function momentsOf(texts: readonly string[], order: UnderstoodLog['order'], zone: string): (number | null)[] {
  const moments = texts.map((text) => momentOf(text, order, zone));
  const known = moments.filter((one) => one !== null);
  const isNewestFirst = (known[0] ?? 0) > (known.at(-1) ?? 0);
  const rows = isNewestFirst ? [...moments.keys()].reverse() : [...moments.keys()];
  let before = Number.NEGATIVE_INFINITY;
  for (const i of rows) {
    const at = moments[i];
    if (at === null || at === undefined) continue;
    const second = at <= before && !saysOffset(texts[i] ?? '') ? shownAgain(at, zone) : null;
    moments[i] = second ?? at;
    before = second ?? at;
  }
  return moments;
}

/** Day or month first: told by a number past twelve, else by which order makes the file run on without leaps. */
function orderOf(
  texts: readonly string[],
  zone: string,
  asked: UnderstoodLog['order'] | null,
): Pick<UnderstoodLog, 'order' | 'orderIsSure'> {
  const written = texts.flatMap((text) => WRITTEN.exec(text) ?? []);
  if (!texts.some((text) => WRITTEN.test(text))) return { order: 'iso', orderIsSure: true };
  const matches = texts.flatMap((text) => {
    const match = WRITTEN.exec(text);
    return match ? [[Number(match[1]), Number(match[2])] as const] : [];
  });
  if (written.length > 0 && matches.some(([a]) => a > 12)) return { order: 'day-first', orderIsSure: true };
  if (matches.some(([, b]) => b > 12)) return { order: 'month-first', orderIsSure: true };
  if (asked === 'day-first' || asked === 'month-first') return { order: asked, orderIsSure: false };
  const span = (order: UnderstoodLog['order']): number => {
    const at = texts.map((text) => momentOf(text, order, zone)).filter((one) => one !== null);
    return at.length > 0 ? greatest(at) - at.reduce((a, b) => Math.min(a, b)) : Number.POSITIVE_INFINITY;
  };
  const [dayFirst, monthFirst] = [span('day-first'), span('month-first')];
  return monthFirst < dayFirst
    ? { order: 'month-first', orderIsSure: true }
    : { order: 'day-first', orderIsSure: dayFirst < monthFirst };
}

/** The greatest of any number of values: a year of readings is more than a call takes as arguments. */
const greatest = (values: readonly number[]): number => values.reduce((a, b) => Math.max(a, b), Number.NEGATIVE_INFINITY);

function gapsIn(readings: readonly Logged[]): LoggerFile['gaps'] {
  const steps = readings.slice(1).map((one, i) => one.atMs - (readings[i] as Logged).atMs);
  const limit = Math.max(LEAST_GAP_MS, GAP_BEATS * (middle(steps) ?? 0));
  return readings.slice(1).flatMap((one, i) => {
    const before = readings[i] as Logged;
    return one.atMs - before.atMs > limit ? [{ fromMs: before.atMs, toMs: one.atMs }] : [];
  });
}

/**
 * Reads the rows of a room logger's file, whatever order, unit and decimal mark it writes, and says what it took them for.
 * @param rows cells as text, the heading first
 * @param zone where its wall clock stands
 * @param asked the order of day and month, where someone said which it is
 */
export function readLogger(
  rows: readonly (readonly string[])[],
  zone: string,
  asked: UnderstoodLog['order'] | null = null,
): Result<LoggerFile> {
  const heading = (rows[0] ?? []).map((cell) => cell.slice(0, MOST_CELL));
  const body = rows.slice(1);
  const columns = columnsOf(heading);
  if (!columns.ok) return columns;
  if (body.length === 0) return fail('required', 'rows');
  const { date, time, temp, rh } = columns.value;
  const cell = (row: readonly string[], index: number): string =>
    index < 0 ? '' : (row[index] ?? '').slice(0, MOST_CELL).trim();
  const whens = body.map((row) => [cell(row, date), cell(row, time)].filter(Boolean).join(' '));
  const order = orderOf(whens, zone, asked);
  const temps = body.map((row) => parseNumber(cell(row, temp).replace(/°? ?[cf]$/i, '')));
  const hums = body.map((row) => parseNumber(cell(row, rh).replace(/%$/, '')));
  const known = temps.flatMap((one) => (one.ok ? [one.value] : []));
  const named = /f(ahrenheit)?\b/i.test(heading[temp]?.replace(/temp\w*/i, '') ?? '');
  const unit =
    named || (!/c/i.test(heading[temp]?.replace(/temp\w*/i, '') ?? '') && (middle(known) ?? 0) > FAHRENHEIT_FROM) ? 'F' : 'C';
  const humidity = greatest(hums.map((one) => (one.ok ? one.value : 0))) <= 1 ? 'fraction' : 'percent';
  const faults: { row: number; issue: Issue }[] = [];
  const readings = new Map<number, Logged>();
  const moments = momentsOf(whens, order.order, zone);
  body.forEach((_, i) => {
    const atMs = moments[i] ?? null;
    const [t, h] = [temps[i], hums[i]];
    if (atMs === null) faults.push({ row: i + 1, issue: { code: 'bad-time', path: 'time', with: { text: whens[i] ?? '' } } });
    else if (!t?.ok || !h?.ok)
      faults.push({
        row: i + 1,
        issue: { code: 'not-a-number', path: 'reading', with: { text: t?.ok ? rhText(body[i], rh) : rhText(body[i], temp) } },
      });
    else {
      const tempC = unit === 'F' ? ((t.value - 32) * 5) / 9 : t.value;
      const share = humidity === 'percent' ? h.value / 100 : h.value;
      const fits = tempC >= LIMITS.tempC[0] && tempC <= LIMITS.tempC[1] && share >= LIMITS.rh[0] && share <= LIMITS.rh[1];
      if (fits) readings.set(atMs, { atMs, tempC, rh: share });
      else
        faults.push({
          row: i + 1,
          issue: { code: 'too-large', path: 'reading', with: { least: LIMITS.tempC[0], most: LIMITS.tempC[1] } },
        });
    }
  });
  const sorted = [...readings.values()].sort((a, b) => a.atMs - b.atMs);
  const decimal = body.some((row) => cell(row, temp).includes(',') || cell(row, rh).includes(',')) ? 'comma' : 'point';
  return ok({ understood: { ...order, unit, humidity, decimal }, readings: sorted, faults, gaps: gapsIn(sorted) });
}

const rhText = (row: readonly string[] | undefined, index: number): string => row?.[index] ?? '';

/** A clock is wrong by whole half-hours: a zone, or a change of clocks nobody told it about. Further than a day it is not a clock that is wrong. */
const HALF_HOUR_MS = 1_800_000;
const SLACK_MS = 120_000;
const MOST_AHEAD_MS = 26 * MS_PER_HOUR;

/**
 * Puts a logger's clock right where it can be seen to be wrong: readings that lie in the future are moved back by the least whole
 * half-hours that bring them to now. A clock that is behind cannot be told from a file: who knows it says so before.
 * @returns the readings, and by how much its clock was ahead, ms; readings further ahead than a day stay as they were
 */
export function clockSetRight(
  readings: readonly Logged[],
  nowMs: number,
): { readonly readings: readonly Logged[]; readonly aheadMs: number } {
  const ahead = (readings.at(-1)?.atMs ?? nowMs) - nowMs;
  if (ahead <= SLACK_MS || ahead > MOST_AHEAD_MS) return { readings, aheadMs: 0 };
  const aheadMs = Math.ceil((ahead - SLACK_MS) / HALF_HOUR_MS) * HALF_HOUR_MS;
  return { readings: readings.map((one) => ({ ...one, atMs: one.atMs - aheadMs })), aheadMs };
}
