import { addDays, dateOf, dayOfWeek, MS_PER_MINUTE, wallClock } from '@/core/quantity';
import type { Opening } from './schema';
import { type Span, union } from './spans';

const closingTime = (date: string, close: string): string =>
  close === '24:00' ? `${addDays(date, 1)}T00:00` : `${date}T${close}`;

/**
 * The shop's openings as spans of whole minutes since a moment, clock changes included; adjoining ones are one.
 * @param fromMs the moment minutes count from; the span ends after `horizonMin`
 */
export function openingsOf(
  shop: { readonly zone: string; readonly shopHours: readonly Opening[]; readonly closed: readonly string[] },
  fromMs: number,
  horizonMin: number,
): Span[] {
  const shut = new Set(shop.closed);
  const last = dateOf(fromMs + horizonMin * MS_PER_MINUTE, shop.zone);
  const minuteOf = (text: string): number => (wallClock(text, shop.zone) - fromMs) / MS_PER_MINUTE;
  const spans: Span[] = [];
  for (let date = dateOf(fromMs, shop.zone); date <= last; date = addDays(date, 1)) {
    if (shut.has(date)) continue;
    const day = dayOfWeek(date);
    for (const { open, close } of shop.shopHours.filter((row) => row.day === day)) {
      const [from, to] = [minuteOf(`${date}T${open}`), minuteOf(closingTime(date, close))];
      if (to > from) spans.push([Math.ceil(from), Math.floor(to)]);
    }
  }
  return union(spans);
}
