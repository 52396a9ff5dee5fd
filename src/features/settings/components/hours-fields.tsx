'use client';

import { useRef } from 'react';
import { HOURS_STEP_MIN, type HoursText, minutesOf, readHours, withEdge } from '@/core/plan';
import { hoursFields as wording } from '@/messages/screens/settings';
import { DragArea, EdgeHandle, type Pull } from '@/ui/drag';
import { TextBox } from '@/ui/field';

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
/** What the bars show of a day, minutes; an hour outside of it is typed. */
const FROM_MIN = 5 * 60;
const UNTIL_MIN = 22 * 60;
const at = (min: number): number => (100 * (min - FROM_MIN)) / (UNTIL_MIN - FROM_MIN);

type Props = { readonly value: HoursText; readonly onChange: (next: HoursText) => void };

/** The shop's hours: a bar a day whose ends are dragged or moved by the arrow keys, and the same typed beside it. */
export function HoursFields({ value, onChange }: Props) {
  const { bad } = readHours(value);
  const set = (i: number, line: string): void => onChange(value.map((one, j) => (j === i ? line : one)));
  return (
    <fieldset>
      <legend className="label mb-1">{wording.hoursDragTheEnds}</legend>
      {DAYS.map((day, i) => (
        <div
          key={day}
          className="grid grid-cols-[3.2rem_minmax(0,1fr)_11rem] items-center gap-x-3 max-bench:grid-cols-[3.2rem_minmax(0,1fr)]"
        >
          <span aria-hidden="true">{day.slice(0, 3)}</span>
          <DayBar day={day} line={value[i] ?? ''} onChange={(line) => set(i, line)} />
          <TextBox
            className="reading max-bench:col-start-2"
            aria-label={day}
            aria-invalid={bad.includes(i) || undefined}
            value={value[i] ?? ''}
            placeholder={wording.closed}
            onChange={(event) => set(i, event.target.value)}
          />
          {bad.includes(i) ? (
            <span className="col-span-2 col-start-2 text-sm font-semibold text-late">{wording.writeOpeningAndClosing}</span>
          ) : null}
        </div>
      ))}
    </fieldset>
  );
}

type BarProps = { readonly day: string; readonly line: string; readonly onChange: (line: string) => void };

/** The hours of one day between early and late. */
function DayBar({ day, line, onChange }: BarProps) {
  const bar = useRef<HTMLDivElement>(null);
  const grabbed = useRef(0);
  const { hours } = readHours([line]);
  const edges = hours.flatMap(({ open, close }) => [open, close]);
  const pull = (id: string, { x }: Pull): void => {
    const minutes = (x / Math.max(1, bar.current?.clientWidth ?? 1)) * (UNTIL_MIN - FROM_MIN);
    const next = withEdge(line, Number(id), grabbed.current + minutes);
    if (next !== line) onChange(next);
  };
  const step = (edge: number, steps: number): void =>
    onChange(withEdge(line, edge, minutesOf(edges[edge] ?? '00:00') + Math.sign(steps) * HOURS_STEP_MIN));
  return (
    <div ref={bar} className="relative h-11">
      <div className="absolute inset-x-0 inset-y-3 border border-rule bg-paper" />
      {hours.map(({ open, close }) => (
        <div
          key={open}
          className="absolute inset-y-3 bg-rest"
          style={{ left: `${at(minutesOf(open))}%`, width: `${at(minutesOf(close)) - at(minutesOf(open))}%` }}
        />
      ))}
      <DragArea
        onGrab={(id) => {
          grabbed.current = minutesOf(edges[Number(id)] ?? '00:00');
        }}
        onPull={pull}
      >
        {edges.map((time, edge) => (
          <EdgeHandle
            // biome-ignore lint/suspicious/noArrayIndexKey: an end is known by its place, whatever it says
            key={edge}
            id={String(edge)}
            aria-label={`${day} ${edge % 2 === 0 ? 'opens' : 'closes'}`}
            aria-valuemin={0}
            aria-valuemax={24 * 60}
            aria-valuenow={minutesOf(time)}
            aria-valuetext={time}
            style={{ left: `${at(minutesOf(time))}%` }}
            className="w-8"
            onStep={(steps) => step(edge, steps)}
          >
            <span aria-hidden="true" className="absolute inset-y-1 left-1/2 w-2 -translate-x-1/2 bg-wet" />
          </EdgeHandle>
        ))}
      </DragArea>
      {edges.length === 0 ? (
        <button
          type="button"
          className="absolute inset-0 text-sm text-soft hover:text-ink"
          onClick={() => onChange('08:30-17:30')}
        >
          {wording.closedOpenIt}
        </button>
      ) : null}
    </div>
  );
}
