import type { Quantity } from './unit';

/** Elapsed minutes. */
export type Minutes = Quantity<'min'>;

export const MINUTES_PER_DAY = 1440;
export const MS_PER_MINUTE = 60_000;
export const MS_PER_HOUR = 3_600_000;

export const minutes = (value: number): Minutes => value as Minutes;

/** `25 min`, `3 h 20 min`, `2 d 4 h`: the two largest units that say something. */
export function formatDuration(length: number): string {
  const whole = Math.round(Math.abs(length));
  if (whole < 60) return `${whole} min`;
  const [days, hours, rest] = [Math.floor(whole / 1440), Math.floor((whole % 1440) / 60), whole % 60];
  if (days > 0) return hours > 0 ? `${days} d ${hours} h` : `${days} d`;
  return rest > 0 ? `${hours} h ${rest} min` : `${hours} h`;
}
