'use client';

import { MS_PER_MINUTE } from '@/core/quantity';
import { type ButtonHTMLAttributes, useRef, useState } from 'react';
import { DragArea, type Pull, useHandle } from '@/ui/drag';
import { clockTime, dayAndDate, wallTime } from '@/ui/when';
import { useSave } from '@/web/use-save';
import { holdStep } from '../actions';
import type { Peg } from '../pegs';
import type { Day } from '../week';
import { NotBrought, useBrought } from '@/ui/on-open';

const LANE_PX = 25;
/** Share of the row that one letter of a peg's words takes, a little generously. */
const LETTER_SHARE = 0.0062;
/** Pegs past this share of the row have their words on their left. */
const RIGHT_FROM = 72;

const SNAP_MS = 5 * MS_PER_MINUTE;
/** A press that moves less than this is a touch, pixels. */
const DRAG_FROM_PX = 6;

const wordsOf = (peg: Peg): string => `${peg.number} ${peg.action}${peg.who ? ` · ${peg.who}` : ''}`;

type PlacedPeg = {
  readonly peg: Peg;
  readonly lane: number;
  readonly left: number;
  readonly width: number;
  readonly wordsLeft: boolean;
};

/** Pegs with their words, pulled apart into lanes where they would lie over one another: one pair of hands cannot be in two places. */
function place(pegs: readonly Peg[], at: (ms: number) => number): PlacedPeg[] {
  const ends: number[] = [];
  return [...pegs]
    .map((peg) => {
      const [left, width] = [at(peg.fromMs), Math.max(0.4, at(peg.toMs) - at(peg.fromMs))];
      const words = 100 * LETTER_SHARE * wordsOf(peg).length;
      const wordsLeft = left > RIGHT_FROM;
      return {
        peg,
        left,
        width,
        wordsLeft,
        from: wordsLeft ? left - words : left,
        to: wordsLeft ? left + width : left + width + words,
      };
    })
    .sort((a, b) => a.from - b.from)
    .map(({ from, to, ...peg }) => {
      const free = ends.findIndex((end) => end <= from);
      const lane = free >= 0 ? free : ends.length;
      ends[lane] = to;
      return { ...peg, lane };
    });
}

type Bounds = { readonly from: number; readonly to: number };

/** The hours any day of the week is open or has a peg, as shares of a day. */
function boundsOf(days: readonly Day[], pegs: readonly Peg[]): Bounds {
  const shares = days.flatMap((day) => {
    const share = (ms: number): number => (ms - day.fromMs) / (day.toMs - day.fromMs);
    return [
      ...day.openings.flat(),
      ...pegs.filter((peg) => peg.fromMs >= day.fromMs && peg.fromMs < day.toMs).flatMap((peg) => [peg.fromMs, peg.toMs]),
    ].map(share);
  });
  return { from: Math.max(0, Math.min(8 / 24, ...shares) - 0.01), to: Math.min(1, Math.max(18 / 24, ...shares) + 0.01) };
}

type Props = { readonly days: readonly Day[]; readonly pegs: readonly Peg[]; readonly nowMs: number; readonly zone: string };

/** Hand-work as pegs on the shop's hours for today and the six days after, hours running to the right. A peg is touched for its sheet, or dragged. */
export function DayLine({ days, pegs, nowMs, zone }: Props) {
  const bounds = boundsOf(days, pegs);
  const [open, setOpen] = useState<Peg | null>(null);
  const sheet = useBrought(async () => (await import('./peg-sheet')).PegSheet);
  const show = (peg: Peg): void => {
    setOpen(peg);
    sheet.want();
  };
  const { faults, run } = useSave();
  const drop = (peg: Peg, toMs: number): void => void run(() => holdStep({ batchId: peg.batchId, task: peg.task, at: toMs }));
  return (
    <>
      <p role="alert" className={Object.keys(faults).length > 0 ? 'mb-2 font-semibold text-late' : ''}>
        {Object.values(faults).map((text) => `▲ ${text}`)}
      </p>
      <ol className="flex flex-col">
        {days.map((day) => (
          <DayRow
            key={day.date}
            day={day}
            pegs={pegs.filter((peg) => peg.fromMs >= day.fromMs && peg.fromMs < day.toMs)}
            bounds={bounds}
            nowMs={nowMs}
            zone={zone}
            onOpen={show}
            onDrop={drop}
          />
        ))}
      </ol>
      {open && sheet.Part ? (
        <sheet.Part
          key={open.key}
          peg={open}
          zone={zone}
          nowMs={nowMs}
          localStart={wallTime(open.fromMs, zone)}
          onClose={() => setOpen(null)}
        />
      ) : null}
      {open && sheet.failed ? <NotBrought /> : null}
    </>
  );
}

type RowProps = {
  readonly day: Day;
  readonly pegs: readonly Peg[];
  readonly bounds: Bounds;
  readonly nowMs: number;
  readonly zone: string;
  readonly onOpen: (peg: Peg) => void;
  readonly onDrop: (peg: Peg, toMs: number) => void;
};

type Drag = { readonly key: string; readonly dxMs: number };

type PegProps = ButtonHTMLAttributes<HTMLButtonElement> & { readonly id: string };

/** A peg: touched for its sheet, or dragged. */
function PegButton({ id, ...button }: PegProps) {
  return <button type="button" {...button} {...useHandle(id)} />;
}

function DayRow({ day, pegs, bounds, nowMs, zone, onOpen, onDrop }: RowProps) {
  const span = (bounds.to - bounds.from) * (day.toMs - day.fromMs);
  const at = (ms: number): number => (100 * (ms - day.fromMs - bounds.from * (day.toMs - day.fromMs))) / span;
  const lanes = place(pegs, at);
  const height = Math.max(1, ...lanes.map(({ lane }) => lane + 1)) * LANE_PX + 8;
  const isToday = nowMs >= day.fromMs && nowMs < day.toMs;
  const row = useRef<HTMLDivElement>(null);
  const [drag, setDrag] = useState<Drag | null>(null);
  const msOf = (dx: number): number => Math.round(((dx / Math.max(1, row.current?.clientWidth ?? 1)) * span) / SNAP_MS) * SNAP_MS;
  const drop = (key: string, { x }: Pull): void => {
    const peg = pegs.find((one) => one.key === key);
    if (peg && msOf(x) !== 0) onDrop(peg, peg.fromMs + msOf(x));
    setDrag(null);
  };
  return (
    <li className="grid grid-cols-[6.5rem_1fr] items-stretch border-hair border-t">
      <p className={`reading py-1 ${isToday ? 'font-bold' : 'text-soft'}`}>{isToday ? 'Today' : dayAndDate(day.fromMs, zone)}</p>
      <div ref={row} className="relative overflow-hidden" style={{ height }}>
        {day.openings.map(([from, to]) => (
          <div
            key={from}
            className="absolute inset-y-0 bg-paper"
            style={{ left: `${at(from)}%`, width: `${at(to) - at(from)}%` }}
          >
            <span className="reading absolute bottom-0 left-1 text-xs text-soft">{clockTime(from, zone, from)}</span>
            <span className="reading absolute right-1 bottom-0 text-xs text-soft">{clockTime(to, zone, to)}</span>
          </div>
        ))}
        {day.openings.length === 0 ? <p className="py-1 text-sm text-soft">closed</p> : null}
        <DragArea
          fromPx={DRAG_FROM_PX}
          onPull={(key, { x }) => setDrag({ key, dxMs: msOf(x) })}
          onDrop={drop}
          onCancel={() => setDrag(null)}
        >
          {lanes.map(({ peg, lane, left, width, wordsLeft }) => {
            const shift = drag?.key === peg.key ? drag.dxMs : 0;
            const windowFrom = peg.earliestMs === null ? null : Math.max(0, at(peg.earliestMs));
            const windowTo = peg.latestMs === null ? 100 : Math.min(100, at(peg.latestMs));
            return (
              <div key={peg.key}>
                {shift !== 0 && windowFrom !== null && windowTo > windowFrom ? (
                  <span
                    aria-hidden="true"
                    className="absolute h-1 bg-wet"
                    style={{ left: `${windowFrom}%`, width: `${windowTo - windowFrom}%`, top: lane * LANE_PX + 21 }}
                  />
                ) : null}
                <PegButton
                  id={peg.key}
                  title={`${clockTime(peg.fromMs, zone, peg.fromMs)} to ${clockTime(peg.toMs, zone, peg.toMs)}: ${peg.action}, ${peg.number}`}
                  className="absolute h-6 touch-pan-y whitespace-nowrap text-left text-xs leading-5 hover:underline"
                  style={{ left: `${left + (100 * shift) / span}%`, width: `${width}%`, top: lane * LANE_PX }}
                  onClick={() => onOpen(peg)}
                >
                  <span
                    aria-hidden="true"
                    className={`block h-5 min-w-1 ${peg.pinned ? 'border-2 border-ink bg-wax' : 'bg-ink'}`}
                  />
                  <span className={`reading absolute top-0 ${wordsLeft ? 'right-full pr-1' : 'left-full pl-1'}`}>
                    <span className={shift === 0 ? 'sr-only' : 'font-bold'}>
                      {clockTime(peg.fromMs + shift, zone, peg.fromMs)}{' '}
                    </span>
                    {wordsOf(peg)}
                    {peg.pinned ? <span className="sr-only"> (held there)</span> : null}
                  </span>
                </PegButton>
              </div>
            );
          })}
        </DragArea>
        {isToday ? (
          <span aria-hidden="true" className="absolute inset-y-0 w-0.5 bg-late" style={{ left: `${at(nowMs)}%` }} />
        ) : null}
      </div>
    </li>
  );
}
