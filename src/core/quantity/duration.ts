import { fail, ok, type Result } from './issue';
import { parseNumber } from './number';
import { typedText } from './typed';
import type { Quantity } from './unit';

/** Elapsed minutes. */
export type Minutes = Quantity<'min'>;

export const MINUTES_PER_DAY = 1440;
export const MS_PER_MINUTE = 60_000;
export const MS_PER_HOUR = 3_600_000;
/** Milliseconds of a day of 24 hours. */
export const MS_PER_DAY = 86_400_000;

export const minutes = (value: number): Minutes => value as Minutes;

const UNIT_MIN: Readonly<Record<string, number>> = {
  min: 1,
  m: 1,
  h: 60,
  hour: 60,
  hours: 60,
  hr: 60,
  d: MINUTES_PER_DAY,
  day: MINUTES_PER_DAY,
  days: MINUTES_PER_DAY,
};

/** Minutes as people type them: `20`, `20 min`, `1 h 30`, `1,5 h`, `2 days`. A bare number after hours is minutes. */
export function parseDuration(text: string): Result<Minutes> {
  const typed = typedText(text);
  if (!typed.ok) return typed;
  const parts = [...typed.value.matchAll(/([\d.,]+) ?([a-z]*)/gi)];
  const left = typed.value.replace(/([\d.,]+) ?([a-z]*)/gi, '').trim();
  if (parts.length === 0 || left !== '') return fail('not-a-duration', '', { text });
  let total = 0;
  for (const [, number = '', unit = ''] of parts) {
    const value = parseNumber(number);
    const per = unit === '' ? 1 : UNIT_MIN[unit.toLowerCase()];
    if (!value.ok && value.issues[0]?.code === 'thousand-or-one') return value;
    if (!value.ok || per === undefined) return fail('not-a-duration', '', { text });
    total += value.value * per;
  }
  return total < 0 ? fail('must-not-be-negative', '') : ok(minutes(total));
}
