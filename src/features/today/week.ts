import { openingsOf } from '@/core/plan';
import { addDays, dateOf, MS_PER_MINUTE, wallClock } from '@/core/quantity';
import type { ShopHours } from '@/data/shop/queries';

/** One day of the day line: its bounds and its openings, UTC ms. */
export type Day = {
  readonly date: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly openings: readonly (readonly [number, number])[];
};

/** Today and the six days after it, with the shop's openings. */
export function week(hours: ShopHours, nowMs: number): Day[] {
  const today = dateOf(nowMs, hours.zone);
  return Array.from({ length: 7 }, (_, i) => {
    const date = addDays(today, i);
    const [fromMs, toMs] = [wallClock(`${date}T00:00`, hours.zone), wallClock(`${addDays(date, 1)}T00:00`, hours.zone)];
    const openings = openingsOf(hours, fromMs, (toMs - fromMs) / MS_PER_MINUTE - 1).map(
      ([open, close]) => [fromMs + open * MS_PER_MINUTE, fromMs + close * MS_PER_MINUTE] as const,
    );
    return { date, fromMs, toMs, openings };
  });
}
