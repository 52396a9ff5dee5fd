'use client';

import Papa from 'papaparse';
import { type KeyboardEvent, type SVGAttributes, useRef, useState } from 'react';
import { type DesignDraft, outsideOf, type PointDraft, pointsOf, readProfile } from '@/core/piece';
import { say, typedLength } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { profileEditor as wording } from '@/messages/screens/start';
import { Button } from '@/ui/button';
import { DragArea, type Pull, useHandle } from '@/ui/drag';
import { TextBox, TextField } from '@/ui/field';
import { FileField } from '@/ui/file-field';
import { freshId } from '@/ui/id';
import { Tick } from '@/ui/tick';
import { reads } from '@/web/here';

const VIEW = 300;
const STEP_MM = 1;
type Props = {
  readonly draft: DesignDraft;
  readonly faults: Readonly<Record<string, string>>;
  readonly onChange: (change: Partial<DesignDraft>) => void;
};

type PointProps = SVGAttributes<SVGGElement> & { readonly id: string; readonly x: number; readonly y: number };

/** A point of the profile: dragged, or moved with the arrow keys. */
function Point({ id, x, y, ...slider }: PointProps) {
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-valuenow={0}
      className="cursor-move outline-none focus-visible:[&>circle:last-child]:stroke-wet"
      {...slider}
      {...useHandle(id)}
    >
      <circle cx={x} cy={y} r={20} fill="transparent" />
      <circle cx={x} cy={y} r={7} fill="var(--bench)" stroke="var(--ink)" strokeWidth={3} />
    </g>
  );
}

type DrawingProps = {
  readonly draft: DesignDraft;
  /** Its points as read, mm from the axis and high. */
  readonly known: readonly (readonly [r: number, z: number])[];
  readonly onMove: (index: number, r: number, z: number) => void;
};

/** The profile drawn, its points to be pulled or moved with the arrow keys. */
function ProfileDrawing({ draft, known, onMove }: DrawingProps) {
  const drawing = useRef<SVGSVGElement>(null);
  const outer = outsideOf(draft, reads());
  const most = Math.max(60, ...known.flat()) * 1.15;
  const k = VIEW / most;
  const grabbed = useRef<readonly [r: number, z: number]>([0, 0]);
  const pull = (id: string, { x, y }: Pull): void => {
    const mm = most / (drawing.current?.clientWidth ?? VIEW);
    onMove(Number(id), grabbed.current[0] + x * mm, grabbed.current[1] - y * mm);
  };
  const press = (index: number) => (event: KeyboardEvent) => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    const point = known[index];
    if (!by || !point) return;
    event.preventDefault();
    const far = event.shiftKey ? 10 : 1;
    onMove(index, point[0] + (by[0] ?? 0) * far, point[1] + (by[1] ?? 0) * far);
  };
  return (
    <DragArea
      onGrab={(id) => {
        grabbed.current = known[Number(id)] ?? [0, 0];
      }}
      onPull={pull}
    >
      <svg
        ref={drawing}
        viewBox={`0 0 ${VIEW} ${VIEW}`}
        className="w-full max-w-sm touch-none border-ink border-b-2 border-l-2 bg-paper"
      >
        <title>{wording.theProfileDrawnIts}</title>
        {outer.ok ? (
          <polyline
            points={outer.value.map(([r, z]) => `${r * k},${VIEW - z * k}`).join(' ')}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={3}
          />
        ) : null}
        {known.map(([r, z], index) => (
          <Point
            key={draft.points[index]?.key}
            id={String(index)}
            x={r * k}
            y={VIEW - z * k}
            aria-label={wording.point(index + 1)}
            aria-valuenow={Math.round(r)}
            aria-valuetext={wording.fromTheAxisHigh(say(r, 'mm', reads()), say(z, 'mm', reads()))}
            onKeyDown={press(index)}
          />
        ))}
      </svg>
    </DragArea>
  );
}

/** A profile from a file of points. */
function ProfileFile({ onRead }: { readonly onRead: (points: readonly PointDraft[]) => void }) {
  const [fileFault, setFileFault] = useState('');
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const parsed = Papa.parse<string[]>(await file.text(), { skipEmptyLines: 'greedy' });
    const read = readProfile(parsed.data, reads());
    setFileFault(read.ok ? '' : read.issues.map((one) => sayIssue(one, reads())).join(' '));
    if (read.ok) onRead(read.value);
  };
  return (
    <>
      <FileField label={wording.profileFromCsvR} takes=".csv,text/csv" onFile={(file) => void take(file)} />
      {fileFault ? (
        <p role="alert" className="font-semibold text-late">
          ▲ {fileFault}
        </p>
      ) : null}
    </>
  );
}

/** Half a section, foot to rim: points dragged, moved with the arrow keys, or typed; straight or smooth between them. */
export function ProfileEditor({ draft, faults, onChange }: Props) {
  const points = pointsOf(draft.points, reads());
  const known = points.ok ? points.value : [];
  const set = (index: number, change: Partial<PointDraft>): void =>
    onChange({ points: draft.points.map((point, i) => (i === index ? { ...point, ...change } : point)) });
  const moveTo = (index: number, r: number, z: number): void => {
    const below = known[index - 1]?.[1] ?? Number.NEGATIVE_INFINITY;
    const above = known[index + 1]?.[1] ?? Number.POSITIVE_INFINITY;
    const height = Math.min(above - STEP_MM, Math.max(below + STEP_MM, z, 0));
    set(index, { r: typedLength(Math.max(0, r), reads()), z: typedLength(height, reads()) });
  };
  const add = (): void => {
    const last = known.at(-1) ?? [30, 0];
    onChange({
      points: [...draft.points, { key: freshId(), r: typedLength(last[0], reads()), z: typedLength(last[1] + 10, reads()) }],
    });
  };
  return (
    <fieldset>
      <legend className="label mb-1">{wording.halfASectionAxis}</legend>
      <ProfileDrawing draft={draft} known={known} onMove={moveTo} />
      <PointRows
        points={draft.points}
        faults={faults}
        onSet={set}
        onOut={(index) => onChange({ points: draft.points.filter((_, i) => i !== index) })}
      />
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <Button onClick={add}>{wording.addAPoint}</Button>
        <Tick checked={draft.curved} onChange={() => onChange({ curved: !draft.curved })}>
          {wording.smoothCurve}
        </Tick>
      </div>
      <ProfileFile onRead={(read) => onChange({ points: read })} />
      <div className={draft.solid ? 'hidden' : 'mt-2 grid grid-cols-2 gap-4'}>
        <TextField
          label={wording.wall}
          value={draft.wall}
          onChange={(event) => onChange({ wall: event.target.value })}
          fault={faults.wall}
          hint={wording.mm}
        />
        <TextField
          label={wording.floor}
          value={draft.floor}
          onChange={(event) => onChange({ floor: event.target.value })}
          fault={faults.floor}
          hint={wording.mm2}
        />
      </div>
    </fieldset>
  );
}

type PointRowsProps = {
  readonly points: readonly PointDraft[];
  readonly faults: Readonly<Record<string, string>>;
  readonly onSet: (index: number, change: Partial<PointDraft>) => void;
  readonly onOut: (index: number) => void;
};

/** The points typed: the twin of pulling them. */
function PointRows({ points, faults, onSet, onOut }: PointRowsProps) {
  return (
    <>
      <div className="label mt-2 grid grid-cols-[4rem_1fr_1fr_2.75rem] gap-2" aria-hidden="true">
        <span />
        <span className="text-right">{wording.fromTheAxis}</span>
        <span className="text-right">{wording.high}</span>
      </div>
      <ol>
        {points.map((point, index) => (
          <PointRow
            key={point.key}
            index={index}
            point={point}
            fault={faults[`points.${index}`]}
            mayGo={points.length > 2}
            onSet={(change) => onSet(index, change)}
            onOut={() => onOut(index)}
          />
        ))}
      </ol>
    </>
  );
}

type PointRowProps = {
  readonly index: number;
  readonly point: PointDraft;
  readonly fault: string | undefined;
  readonly mayGo: boolean;
  readonly onSet: (change: Partial<PointDraft>) => void;
  readonly onOut: () => void;
};

function PointRow({ index, point, fault, mayGo, onSet, onOut }: PointRowProps) {
  return (
    <li className="grid grid-cols-[4rem_1fr_1fr_2.75rem] items-center gap-2 border-hair border-b py-1">
      <span className="label">{wording.point(index + 1)}</span>
      {(['r', 'z'] as const).map((axis) => (
        <TextBox
          key={axis}
          aria-label={wording.point2(index + 1, axis === 'r' ? wording.fromTheAxis : 'high')}
          aria-invalid={fault ? true : undefined}
          className="reading text-right"
          value={point[axis]}
          onChange={(event) => onSet({ [axis]: event.target.value })}
        />
      ))}
      <button
        type="button"
        aria-label={wording.takePointOut(index + 1)}
        className="min-h-11 text-xl disabled:opacity-30"
        disabled={!mayGo}
        onClick={onOut}
      >
        ×
      </button>
      {fault ? <p className="col-span-4 text-sm font-semibold text-late">▲ {fault}</p> : null}
    </li>
  );
}
