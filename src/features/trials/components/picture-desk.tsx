'use client';

import { useRef, useState } from 'react';
import { type Bearing, type BoardRead, deltaE } from '@/core/colour';
import { parseNumber } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { DragArea, useHandle } from '@/ui/drag';
import { Faults, SelectField, TextBox } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { freshId } from '@/ui/id';
import { useWorker } from '@/ui/worker';
import { type SmallPhoto, takenPhoto } from '@/web/form/taken-photo';
import { photoData } from '@/web/photo-data';
import { useSave } from '@/web/use-save';
import type { BoardFace } from '@/workers/board';
import { savePicture } from '../actions';
import type { PartCorners } from '../corners';

type Props = {
  readonly trialId: number;
  readonly cycle: number;
  readonly boards: number;
  readonly board: Bearing;
  /** Names of the treatments at each place of each board, from the marked end; and which place is bare. */
  readonly names: readonly (readonly string[])[];
  readonly bare: readonly number[];
  /** Where the corners of each board were set last. */
  readonly corners: readonly (PartCorners | null)[];
};

const WHERE = ['Marked end, far side', 'Other end, far side', 'Other end, near side', 'Marked end, near side'] as const;
const START: PartCorners = [
  [0.12, 0.25],
  [0.88, 0.25],
  [0.88, 0.75],
  [0.12, 0.75],
];
/** One press of an arrow key, in parts of the picture. */
const STEP = 0.002;
const within = (value: number): number => Math.min(1, Math.max(0, value));

/** A picture of a board: which, in which light; its corners pulled or typed; what is read of its fields, before it is kept. */
export function PictureDesk({ trialId, cycle, boards, board, names, bare, corners: known }: Props) {
  const [which, setWhich] = useState(1);
  const [lamp, setLamp] = useState<'even' | 'low'>('even');
  const [photo, setPhoto] = useState<SmallPhoto | null>(null);
  const [corners, setCorners] = useState<PartCorners>(known[0] ?? START);
  const [read, setRead] = useState<BoardRead | null>(null);
  const [fault, setFault] = useState('');
  const worker = useWorker<BoardFace>(
    () => new Worker(new URL('../../../workers/board.ts', import.meta.url), { type: 'module' }),
  );
  const saving = useSave();
  const move = (next: PartCorners): void => {
    setCorners(next);
    setRead(null);
  };
  const choose = (to: number): void => {
    setWhich(to);
    move(known[to - 1] ?? START);
  };
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const small = await takenPhoto(file, true);
    setFault(small ? '' : 'This file cannot be read as a picture.');
    setRead(null);
    if (small) setPhoto(small);
  };
  const look = async (): Promise<void> => {
    if (!photo) return;
    const found = await worker().read(photo.blob, corners, board);
    setRead(found.ok ? found.value : null);
    setFault(found.ok ? '' : found.issues.map(sayIssue).join(' '));
  };
  const keep = async (): Promise<void> => {
    if (!photo) return;
    const data = await photoData(photo.blob);
    await saving.run(
      () => savePicture({ clientId: freshId(), trialId, board: which, lamp, photo: data, corners }),
      () => {
        setPhoto(null);
        setRead(null);
        if (which < boards) choose(which + 1);
      },
    );
  };
  return (
    <section aria-label="Picture of a board" className="flex flex-col gap-3">
      <div className="flex flex-wrap items-end gap-x-6">
        <SelectField label="Board" value={which} onChange={(event) => choose(Number(event.target.value))} className="w-28">
          {Array.from({ length: boards }, (_, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a board is its number
            <option key={i} value={i + 1}>
              {i + 1}
            </option>
          ))}
        </SelectField>
        <Choice
          asks="Light"
          lies="beside"
          value={lamp}
          options={[
            { value: 'even', name: 'even, for the colour' },
            { value: 'low', name: 'low lamp, for the gloss' },
          ]}
          onChange={setLamp}
        />
        <label className="mb-5 flex flex-col gap-1">
          <span className="label">After {cycle} cycles</span>
          <input
            type="file"
            accept="image/*"
            className="file:min-h-11 file:border-2 file:border-ink file:bg-transparent file:px-4 file:font-semibold"
            onChange={(event) => void take(event.target.files?.[0])}
          />
        </label>
      </div>
      <p className="max-w-prose text-sm text-soft">
        Always from the same place in the same light, no flash. A grey card cut in four lies beside the long sides at the corners,
        at the board’s own height.
      </p>
      {photo ? (
        <>
          <CornerPicture src={photo.shown} corners={corners} onMove={move} fields={board} />
          <Fold says="Type the corners">
            <TypedCorners corners={corners} onMove={move} />
          </Fold>
          <Button onClick={() => void look()}>Read its fields</Button>
        </>
      ) : null}
      <Faults of={[...(fault ? [fault] : []), ...saving.rest([])]} />
      {read ? (
        <div>
          <Fields read={read} lamp={lamp} names={names[which - 1] ?? []} bare={bare[which - 1] ?? 0} />
          <Button look="main" big disabled={saving.busy} onClick={() => void keep()}>
            Keep this picture
          </Button>
        </div>
      ) : null}
    </section>
  );
}

type CornerProps = {
  readonly src: string;
  readonly corners: PartCorners;
  readonly onMove: (corners: PartCorners) => void;
  readonly fields: Bearing;
};

const moved = (corners: PartCorners, at: number, to: readonly [number, number]): PartCorners =>
  corners.map((one, i) => (i === at ? to : one)) as unknown as PartCorners;

/** The picture with its four corners to pull; the arrow keys move the one that has the focus. */
function CornerPicture({ src, corners, onMove }: CornerProps) {
  const frame = useRef<HTMLDivElement>(null);
  const grabbed = useRef<PartCorners>(corners);
  const pull = (id: string, by: { readonly x: number; readonly y: number }): void => {
    const box = frame.current?.getBoundingClientRect();
    const [x, y] = grabbed.current[Number(id)] ?? [0, 0];
    if (box) onMove(moved(grabbed.current, Number(id), [within(x + by.x / box.width), within(y + by.y / box.height)]));
  };
  return (
    <DragArea
      onGrab={() => {
        grabbed.current = corners;
      }}
      onPull={pull}
    >
      <div ref={frame} className="relative w-full max-w-3xl touch-none">
        {/* biome-ignore lint/performance/noImgElement: a picture of this device that is not kept yet */}
        <img src={src} alt="What will be read" className="block w-full" />
        <svg viewBox="0 0 100 100" preserveAspectRatio="none" className="absolute inset-0 h-full w-full" aria-hidden="true">
          <polygon
            points={corners.map(([x, y]) => `${100 * x},${100 * y}`).join(' ')}
            fill="none"
            stroke="#fff"
            strokeWidth="5"
            vectorEffect="non-scaling-stroke"
          />
          <polygon
            points={corners.map(([x, y]) => `${100 * x},${100 * y}`).join(' ')}
            fill="none"
            stroke="#0b5963"
            strokeWidth="2.5"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
        {corners.map((at, i) => (
          <Corner
            // biome-ignore lint/suspicious/noArrayIndexKey: a corner is its place
            key={i}
            id={String(i)}
            says={WHERE[i] ?? ''}
            at={at}
            onStep={(x, y) => onMove(moved(corners, i, [within(at[0] + x * STEP), within(at[1] + y * STEP)]))}
          />
        ))}
      </div>
    </DragArea>
  );
}

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

type CornerHandle = {
  readonly id: string;
  readonly says: string;
  readonly at: readonly [number, number];
  readonly onStep: (x: number, y: number) => void;
};

function Corner({ id, says, at, onStep }: CornerHandle) {
  const handle = useHandle(id);
  return (
    <button
      type="button"
      aria-label={`${says}: ${Math.round(at[0] * 100)} % across, ${Math.round(at[1] * 100)} % down`}
      className="-translate-x-1/2 -translate-y-1/2 absolute flex h-14 w-14 cursor-move touch-none items-center justify-center"
      style={{ left: `${100 * at[0]}%`, top: `${100 * at[1]}%` }}
      onKeyDown={(event) => {
        const step = ARROWS[event.key];
        if (!step) return;
        event.preventDefault();
        onStep(step[0] * (event.shiftKey ? 10 : 1), step[1] * (event.shiftKey ? 10 : 1));
      }}
      {...handle}
    >
      <svg viewBox="-20 -20 40 40" className="h-10 w-10" aria-hidden="true">
        <circle r="15" fill="none" stroke="#fff" strokeWidth="6" />
        <circle r="15" fill="none" stroke="#0b5963" strokeWidth="3" />
        <path d="M-20 0 H-4 M4 0 H20 M0 -20 V-4 M0 4 V20" stroke="#0b5963" strokeWidth="2.5" />
      </svg>
      {id === '0' ? <span className="sr-only">the marked end</span> : null}
    </button>
  );
}

/** The typed twin of the four corners: percent across and down. */
function TypedCorners({ corners, onMove }: Pick<CornerProps, 'corners' | 'onMove'>) {
  const set = (at: number, axis: 0 | 1, text: string): void => {
    const read = parseNumber(text);
    const [x, y] = corners[at] ?? [0, 0];
    if (read.ok) onMove(moved(corners, at, axis === 0 ? [within(read.value / 100), y] : [x, within(read.value / 100)]));
  };
  return (
    <ul className="grid max-w-xl gap-x-6 bench:grid-cols-2">
      {corners.map((at, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a corner is its place
        <li key={i} className="flex items-center gap-2 py-1">
          <span className="grow text-sm">{WHERE[i]}</span>
          {([0, 1] as const).map((axis) => (
            <TextBox
              key={axis}
              aria-label={`${WHERE[i]}, percent ${axis === 0 ? 'across' : 'down'}`}
              className="w-20"
              inputMode="decimal"
              defaultValue={(at[axis] * 100).toFixed(1)}
              onChange={(event) => set(i, axis, event.target.value)}
            />
          ))}
        </li>
      ))}
    </ul>
  );
}

const swatch = ([l, a, b]: readonly [number, number, number]): string => `lab(${l.toFixed(1)}% ${a.toFixed(1)} ${b.toFixed(1)})`;

type FieldsProps = {
  readonly read: BoardRead;
  readonly lamp: 'even' | 'low';
  readonly names: readonly string[];
  readonly bare: number;
};

/** What was read, field by field: its colour as it is under even light, and how far from the bare one. */
function Fields({ read, lamp, names, bare }: FieldsProps) {
  const bareLab = read.fields[bare]?.lab;
  return (
    <ol className="my-3 flex gap-1">
      {read.fields.map(({ lab, bright }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a field is its place
        <li key={i} className="min-w-0 grow basis-0">
          <span className="block h-16 border border-ink" style={{ background: swatch(lab) }} />
          <span className="block truncate text-sm">{names[i]}</span>
          <span className="reading block text-sm text-soft">
            {lamp === 'low'
              ? `glare ${(100 * bright).toFixed(0)} %`
              : bareLab && i !== bare
                ? `ΔE ${deltaE(lab, bareLab).toFixed(1)}`
                : 'bare'}
          </span>
        </li>
      ))}
    </ol>
  );
}
