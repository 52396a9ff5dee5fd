'use client';

import { type HoursText, readHours } from '@/core/plan';
import { TextBox } from '@/ui/field';

export const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;

/** The shop's hours, a line a day. */
export function HoursFields({ value, onChange }: { readonly value: HoursText; readonly onChange: (next: HoursText) => void }) {
  const { bad } = readHours(value);
  return (
    <fieldset>
      <legend className="label mb-1">Hours: 08:30-12:30, 13:30-18:00; empty when closed</legend>
      {DAYS.map((day, i) => (
        <label key={day} className="mb-1 grid grid-cols-[7rem_1fr] items-center">
          {day}
          <TextBox
            className="reading"
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
