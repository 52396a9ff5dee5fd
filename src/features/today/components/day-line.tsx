'use client';

import { type ButtonHTMLAttributes, useRef, useState } from 'react';
import { MS_PER_MINUTE } from '@/core/quantity';
import { dayLine as wording } from '@/messages/screens/today';
import { DragArea, type Pull, useHandle } from '@/ui/drag';
import { NotBrought, useBrought } from '@/ui/on-open';
import { clockTime, dayAndDate } from '@/ui/when';
import { useSave } from '@/web/use-save';
import { holdStep } from '../actions';
import { type Cluster, type Lane, lanesOf } from '../lanes';
import type { Peg } from '../pegs';
import type { Day } from '../week';

const SNAP_MS = 5 * MS_PER_MINUTE;
/** A press that moves less than this is a touch, pixels. */
const DRAG_FROM_PX = 6;

const nameOf = (peg: Peg): string => `${peg.number} ${peg.action}${peg.who ? ` · ${peg.who}` : ''}`;

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

type Props = {
  readonly days: readonly Day[];
  readonly pegs: readonly Peg[];
  /** Who works here, in the order they are listed. */
  readonly crew: readonly string[];
  /** A phone has no room for the scale, and is not given it to carry. */
  readonly onlyList: boolean;
  readonly nowMs: number;
  readonly zone: string;
};

/**
 * The hand-work of today and the six days after: people as rows, hours as a scale. A step is touched for its sheet, or dragged; steps a
 * finger cannot tell apart stand together. On a narrow screen it is a list by the hour.
 */
export function DayLine({ days, pegs, crew, onlyList, nowMs, zone }: Props) {
  const bounds = boundsOf(days, pegs);
  const [open, setOpen] = useState<readonly Peg[]>([]);
  const sheet = useBrought(async () => (await import('./peg-sheet')).PegsSheet);
  const show = (some: readonly Peg[]): void => {
    setOpen(some);
    sheet.want();
  };
  const { faults, run } = useSave();
  const drop = (peg: Peg, toMs: number): void => void run(() => holdStep({ batchId: peg.batchId, task: peg.task, at: toMs }));
  const of = (day: Day): Peg[] =>
    pegs.filter((peg) => peg.fromMs >= day.fromMs && peg.fromMs < day.toMs).sort((a, b) => a.fromMs - b.fromMs);
  return (
    <>
      <p role="alert" className={Object.keys(faults).length > 0 ? 'mb-2 font-semibold text-late' : ''}>
        {Object.values(faults).map((text) => `▲ ${text}`)}
      </p>
      {onlyList ? null : (
        <div className="hidden bench:block">
          {days[0] ? <Hours day={days[0]} bounds={bounds} zone={zone} /> : null}
          <ol>
            {days.map((day) => (
              <DayRows
                key={day.date}
                day={day}
                pegs={of(day)}
                crew={crew}
                bounds={bounds}
                nowMs={nowMs}
                zone={zone}
                onOpen={show}
                onDrop={drop}
              />
            ))}
          </ol>
        </div>
      )}
      <ol className={onlyList ? '' : 'bench:hidden'}>
        {days.map((day) => (
          <DayList key={day.date} day={day} pegs={of(day)} nowMs={nowMs} zone={zone} onOpen={show} />
        ))}
      </ol>
      {open.length > 0 && sheet.Part ? (
        <sheet.Part key={open[0]?.key} pegs={open} zone={zone} nowMs={nowMs} onClose={() => setOpen([])} />
      ) : null}
      {open.length > 0 && sheet.failed ? <NotBrought /> : null}
    </>
  );
}

/** How wide the days and the initials stand before the scale. */
const BEFORE = 'grid grid-cols-[6rem_2.2rem_minmax(0,1fr)]';

type Scale = { readonly day: Day; readonly bounds: Bounds };

/** Per cent of the row at which a moment of a day stands. */
const scaleOf = ({ day, bounds }: Scale): ((ms: number) => number) => {
  const length = day.toMs - day.fromMs;
  return (ms) => (100 * (ms - day.fromMs - bounds.from * length)) / ((bounds.to - bounds.from) * length);
};

const HOUR_MS = 60 * MS_PER_MINUTE;

/** The hours, once for all the days. */
function Hours({ day, bounds, zone }: Scale & { readonly zone: string }) {
  const at = scaleOf({ day, bounds });
  const hours = Array.from({ length: 13 }, (_, i) => day.fromMs + 2 * i * HOUR_MS).filter((ms) => at(ms) >= 0 && at(ms) < 97);
  return (
    <div className={BEFORE} aria-hidden="true">
      <span className="col-start-3 relative h-5">
        {hours.map((ms) => (
          <span key={ms} className="reading absolute text-sm text-soft" style={{ left: `${at(ms)}%` }}>
            {clockTime(ms, zone, ms)}
          </span>
        ))}
      </span>
    </div>
  );
}

type RowsProps = Scale & {
  readonly pegs: readonly Peg[];
  readonly crew: readonly string[];
  readonly nowMs: number;
  readonly zone: string;
  readonly onOpen: (pegs: readonly Peg[]) => void;
  readonly onDrop: (peg: Peg, toMs: number) => void;
};

const isOn = ({ fromMs, toMs }: Day, nowMs: number): boolean => nowMs >= fromMs && nowMs < toMs;

/** One day, a row for each person who has something to do. */
function DayRows({ day, pegs, crew, bounds, nowMs, zone, onOpen, onDrop }: RowsProps) {
  const lanes = lanesOf(pegs, crew, scaleOf({ day, bounds }));
  const isToday = isOn(day, nowMs);
  return (
    <li className="border-rule border-t">
      {(lanes.length > 0 ? lanes : [{ who: '', clusters: [] }]).map((lane, i) => (
        <div key={lane.who} className={`${BEFORE} items-stretch`}>
          <span className={`reading self-center ${isToday ? 'font-bold' : 'text-soft'}`}>
            {i > 0 ? '' : isToday ? wording.today : dayAndDate(day.fromMs, zone)}
          </span>
          <span className="reading self-center font-semibold text-sm">{lane.who}</span>
          <Track day={day} bounds={bounds} lane={lane} nowMs={nowMs} zone={zone} onOpen={onOpen} onDrop={onDrop} />
        </div>
      ))}
    </li>
  );
}

type Drag = { readonly key: string; readonly dxMs: number };

type PegProps = ButtonHTMLAttributes<HTMLButtonElement> & { readonly id: string };

/** A peg: touched for its sheet, or dragged. */
function PegButton({ id, ...button }: PegProps) {
  return <button type="button" {...button} {...useHandle(id)} />;
}

type TrackProps = Omit<RowsProps, 'pegs' | 'crew'> & { readonly lane: Lane };

/** The hours of one person on one day, with their steps. */
function Track({ day, bounds, lane, nowMs, zone, onOpen, onDrop }: TrackProps) {
  const at = scaleOf({ day, bounds });
  const row = useRef<HTMLDivElement>(null);
  const [drag, setDrag] = useState<Drag | null>(null);
  const span = (bounds.to - bounds.from) * (day.toMs - day.fromMs);
  const msOf = (dx: number): number => Math.round(((dx / Math.max(1, row.current?.clientWidth ?? 1)) * span) / SNAP_MS) * SNAP_MS;
  const drop = (key: string, { x }: Pull): void => {
    const alone = lane.clusters.find(({ pegs }) => pegs.length === 1 && pegs[0]?.key === key)?.pegs[0];
    if (alone && msOf(x) !== 0) onDrop(alone, alone.fromMs + msOf(x));
    setDrag(null);
  };
  return (
    <div ref={row} className={`relative overflow-hidden ${lane.clusters.length > 0 ? 'h-11' : 'h-7'}`}>
      {day.openings.map(([from, to]) => (
        <div
          key={from}
          className="absolute inset-y-0 bg-paper"
          style={{ left: `${at(from)}%`, width: `${at(to) - at(from)}%` }}
        />
      ))}
      {day.openings.length === 0 ? <span className="absolute left-1 text-sm text-soft">{wording.closed}</span> : null}
      <DragArea
        fromPx={DRAG_FROM_PX}
        onPull={(key, { x }) => setDrag({ key, dxMs: msOf(x) })}
        onDrop={drop}
        onCancel={() => setDrag(null)}
      >
        {lane.clusters.map((cluster) => (
          <ClusterPeg
            key={cluster.pegs[0]?.key}
            cluster={cluster}
            at={at}
            shiftMs={drag?.key === cluster.pegs[0]?.key && cluster.pegs.length === 1 ? (drag?.dxMs ?? 0) : 0}
            spanMs={span}
            zone={zone}
            onOpen={onOpen}
          />
        ))}
      </DragArea>
      {isOn(day, nowMs) ? (
        <span aria-hidden="true" className="absolute inset-y-0 w-0.5 bg-late" style={{ left: `${at(nowMs)}%` }} />
      ) : null}
    </div>
  );
}

type ClusterProps = {
  readonly cluster: Cluster;
  readonly at: (ms: number) => number;
  readonly shiftMs: number;
  readonly spanMs: number;
  readonly zone: string;
  readonly onOpen: (pegs: readonly Peg[]) => void;
};

/** One step, or several that lie close: its hand-work as bars, and its words where there is room for them. */
function ClusterPeg({ cluster, at, shiftMs, spanMs, zone, onOpen }: ClusterProps) {
  const { pegs, left, room } = cluster;
  const [first] = pegs;
  if (!first) return null;
  const windowFrom = first.earliestMs === null ? null : Math.max(0, at(first.earliestMs));
  const windowTo = first.latestMs === null ? 100 : Math.min(100, at(first.latestMs));
  const time = (ms: number): string => clockTime(ms, zone, ms);
  const more = pegs.length > 1 ? ` +${pegs.length - 1}` : '';
  return (
    <>
      {shiftMs !== 0 && windowFrom !== null && windowTo > windowFrom ? (
        <span
          aria-hidden="true"
          className="absolute bottom-0 h-1 bg-wet"
          style={{ left: `${windowFrom}%`, width: `${windowTo - windowFrom}%` }}
        />
      ) : null}
      <PegButton
        id={first.key}
        aria-label={pegs.map((peg) => `${time(peg.fromMs)} ${nameOf(peg)}${peg.pinned ? wording.heldThere : ''}`).join('; ')}
        title={pegs.map((peg) => `${time(peg.fromMs)} to ${time(peg.toMs)}: ${peg.action}, ${peg.number}`).join('\n')}
        className="@container absolute inset-y-0 touch-pan-y overflow-hidden text-left hover:bg-glow"
        style={{ left: `${left + (100 * shiftMs) / spanMs}%`, width: `${room}%` }}
        onClick={() => onOpen(pegs)}
      >
        <span aria-hidden="true" className="absolute inset-x-0 top-1 h-3.5">
          {pegs.map((peg) => (
            <span
              key={peg.key}
              className={`absolute inset-y-0 min-w-1.5 border-bench border-r-2 ${peg.pinned ? 'bg-wax' : 'bg-ink'}`}
              style={{
                left: `${(100 * (at(peg.fromMs) - left)) / room}%`,
                width: `${(100 * (at(peg.toMs) - at(peg.fromMs))) / room}%`,
              }}
            />
          ))}
        </span>
        <span aria-hidden="true" className="reading absolute inset-x-0 top-5 hidden truncate text-xs @min-[2.6rem]:block">
          {shiftMs === 0 ? (
            <>
              <strong>
                {first.number}
                {more}
              </strong>
              <span className="hidden @min-[7rem]:inline"> {first.action}</span>
            </>
          ) : (
            <strong>{time(first.fromMs + shiftMs)}</strong>
          )}
        </span>
      </PegButton>
    </>
  );
}

type ListProps = Pick<RowsProps, 'day' | 'pegs' | 'nowMs' | 'zone' | 'onOpen'>;

/** One day as a list by the hour, for a narrow screen. */
function DayList({ day, pegs, nowMs, zone, onOpen }: ListProps) {
  return (
    <li className="border-rule border-t py-1">
      <p className={`reading ${isOn(day, nowMs) ? 'font-bold' : 'text-soft'}`}>
        {isOn(day, nowMs) ? wording.today : dayAndDate(day.fromMs, zone)}
        {pegs.length === 0 ? (day.openings.length === 0 ? wording.closed2 : wording.nothingPlanned) : ''}
      </p>
      {pegs.map((peg) => (
        <button
          key={peg.key}
          type="button"
          className="grid min-h-11 w-full grid-cols-[3.2rem_2rem_4.2rem_minmax(0,1fr)] items-center gap-x-2 border-hair border-t text-left"
          onClick={() => onOpen([peg])}
        >
          <span className="reading font-semibold">{clockTime(peg.fromMs, zone, peg.fromMs)}</span>
          <span className="reading text-sm">{peg.who}</span>
          <span className="reading text-sm">{peg.number}</span>
          <span className="leading-5">
            {peg.action}
            {peg.pinned ? <span className="text-soft">{wording.heldThere}</span> : null}
          </span>
        </button>
      ))}
    </li>
  );
}
