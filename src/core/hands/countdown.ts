import { MS_PER_MINUTE } from '@/core/quantity';
import type { HandAction } from './action';

/** What a count-down runs to, and how long it still runs (or has run past it), minutes; `open` where nothing spoils. */
export type Countdown = {
  readonly to: 'may-be-done' | 'past' | 'best' | 'left' | 'open';
  readonly minutes: number;
};

/** To the opening of the window, then to its best moment, then to its end; past that, how long it is past. */
export function countdownOf(
  { earliestMs, idealMs, latestMs }: Pick<HandAction, 'earliestMs' | 'idealMs' | 'latestMs'>,
  nowMs: number,
): Countdown {
  const until = (ms: number): number => Math.ceil((ms - nowMs) / MS_PER_MINUTE);
  if (earliestMs !== null && nowMs < earliestMs) return { to: 'may-be-done', minutes: until(earliestMs) };
  if (latestMs !== null && nowMs > latestMs) return { to: 'past', minutes: (nowMs - latestMs) / MS_PER_MINUTE };
  if (idealMs !== null && nowMs < idealMs) return { to: 'best', minutes: until(idealMs) };
  if (latestMs !== null) return { to: 'left', minutes: until(latestMs) };
  return { to: 'open', minutes: 0 };
}
