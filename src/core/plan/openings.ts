import { addDays, dateOf, dayOfWeek, MS_PER_MINUTE, wallClock } from '@/core/quantity';
import type { Opening } from './schema';
import { type Span, union } from './spans';

const closingTime = (date: string, close: string): string =>
  close === '24:00' ? `${addDays(date, 1)}T00:00` : `${date}T${close}`;

type Hours = { readonly zone: string; readonly shopHours: readonly Opening[]; readonly closed: readonly string[] };

/** Openings of single days in UTC ms, remembered by all they depend on; past this many, all are forgotten. */
const MOST_DAYS = 5000;
const days = new Map<string, readonly Span[]>();

function dayOpenings({ zone, shopHours }: Hours, date: string): readonly Span[] {
  const day = dayOfWeek(date);
  const rows = shopHours.filter((row) => row.day === day);
  const key = `${zone} ${date} ${rows.map(({ open, close }) => `${open}-${close}`).join(' ')}`;
  const known = days.get(key);
  if (known) return known;
  const spans = rows.map(
    ({ open, close }): Span => [wallClock(`${date}T${open}`, zone), wallClock(closingTime(date, close), zone)],
  );
  if (days.size >= MOST_DAYS) days.clear();
  days.set(key, spans);
  return spans;
}

/**
 * The shop's openings as spans of whole minutes since a moment, clock changes included; adjoining ones are one.
 * @param fromMs the moment minutes count from; the span ends after `horizonMin`
 */
export function openingsOf(shop: Hours, fromMs: number, horizonMin: number): Span[] {
  const shut = new Set(shop.closed);
  const last = dateOf(fromMs + horizonMin * MS_PER_MINUTE, shop.zone);
  const minuteOf = (ms: number): number => (ms - fromMs) / MS_PER_MINUTE;
  const spans: Span[] = [];
  for (let date = dateOf(fromMs, shop.zone); date <= last; date = addDays(date, 1)) {
    if (shut.has(date)) continue;
    for (const [open, close] of dayOpenings(shop, date)) {
      const span: Span = [Math.ceil(minuteOf(open)), Math.floor(minuteOf(close))];
      if (span[1] > span[0]) spans.push(span);
    }
  }
  return union(spans);
}
