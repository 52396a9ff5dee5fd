'use client';

import type { Opening } from '@/core/plan';

export const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;

/** Hours as typed: `08:30-12:30, 13:30-18:00`, empty for closed. One text a day, Monday first. */
export type HoursText = readonly string[];

export const hoursText = (hours: readonly Opening[]): HoursText =>
  DAYS.map((_, i) =>
    hours
      .filter((row) => row.day === i + 1)
      .map((row) => `${row.open}-${row.close}`)
      .join(', '),
  );

const TIME = /^\s*(\d{1,2})[:.]?(\d{2})?\s*[-–]\s*(\d{1,2})[:.]?(\d{2})?\s*$/;
const pad = (text: string | undefined): string => (text ?? '00').padStart(2, '0');

/** Typed hours as openings; the days that could not be read by their index. */
export function readHours(text: HoursText): { readonly hours: Opening[]; readonly bad: readonly number[] } {
  const bad = new Set<number>();
  const hours = text.flatMap((line, i) =>
    line.trim() === ''
      ? []
      : line.split(',').flatMap((part) => {
          const match = TIME.exec(part);
          const open = match ? `${pad(match[1])}:${pad(match[2])}` : '';
          const close = match ? `${pad(match[3])}:${pad(match[4])}` : '';
          if (!match || open >= close || close > '24:00' || Number(pad(match[2])) > 59 || Number(pad(match[4])) > 59) {
            bad.add(i);
            return [];
          }
          return [{ day: i + 1, open, close }];
        }),
  );
  return { hours, bad: [...bad] };
}

/** The shop's hours, a line a day. */
export function HoursFields({ value, onChange }: { readonly value: HoursText; readonly onChange: (next: HoursText) => void }) {
  const { bad } = readHours(value);
  return (
    <fieldset>
      <legend className="label mb-1">Hours: 08:30-12:30, 13:30-18:00; empty when closed</legend>
      {DAYS.map((day, i) => (
        <label key={day} className="mb-1 grid grid-cols-[7rem_1fr] items-center">
          {day}
          <input
            className="reading min-h-11 border-ink border-b-2 bg-paper px-3"
            aria-invalid={bad.includes(i) || undefined}
            value={value[i] ?? ''}
            placeholder="closed"
            onChange={(event) => onChange(value.map((line, j) => (j === i ? event.target.value : line)))}
          />
          {bad.includes(i) ? (
            <span className="col-start-2 text-sm font-semibold text-late">
              ▲ Write opening and closing like 08:30-18:00; closing comes after opening.
            </span>
          ) : null}
        </label>
      ))}
    </fieldset>
  );
}
