'use client';

import { useRef } from 'react';
import { parseNumber } from '@/core/quantity';
import { cornerPicture as wording } from '@/messages/screens/trade';
import { DragArea, useHandle } from '@/ui/drag';
import { TextBox } from '@/ui/field';
import type { PartCorners } from './corners';

const WHERE = [wording.markedEndFarSide, wording.otherEndFarSide, wording.otherEndNearSide, wording.markedEndNearSide] as const;
export const START_CORNERS: PartCorners = [
  [0.12, 0.25],
  [0.88, 0.25],
  [0.88, 0.75],
  [0.12, 0.75],
];
/** One press of an arrow key, in parts of the picture. */
const STEP = 0.002;
const within = (value: number): number => Math.min(1, Math.max(0, value));

type CornerProps = {
  readonly src: string;
  readonly corners: PartCorners;
  readonly onMove: (corners: PartCorners) => void;
};

const moved = (corners: PartCorners, at: number, to: readonly [number, number]): PartCorners =>
  corners.map((one, i) => (i === at ? to : one)) as unknown as PartCorners;

/** The picture with its four corners to pull; the arrow keys move the one that has the focus. */
export function CornerPicture({ src, corners, onMove }: CornerProps) {
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
        <img src={src} alt={wording.whatWillBeRead} className="block w-full" />
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
      aria-label={wording.acrossDown(says, Math.round(at[0] * 100), Math.round(at[1] * 100))}
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
      {id === '0' ? <span className="sr-only">{wording.theMarkedEnd}</span> : null}
    </button>
  );
}

/** The typed twin of the four corners: percent across and down. */
export function TypedCorners({ corners, onMove }: Pick<CornerProps, 'corners' | 'onMove'>) {
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
              aria-label={wording.percent(WHERE[i], axis === 0 ? 'across' : 'down')}
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
