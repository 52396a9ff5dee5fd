'use client';

import { useEffect, useState } from 'react';
import { boardFlip as wording } from '@/messages/screens/trials';
import type { PartCorners } from '@/trade/picture/corners';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/field';
import { photoAt } from '@/ui/kept-photo';
import { LINE_LETTERS } from '@/ui/line-look';
import { FlatBoard } from './flat-board';

export type Shot = {
  readonly board: number;
  readonly cycle: number;
  readonly lamp: 'even' | 'low';
  readonly photo: string;
  readonly corners: PartCorners;
};
type Props = {
  readonly shots: readonly Shot[];
  readonly lengthMm: number;
  readonly widthMm: number;
  /** The fields of each board with the treatment at each place. */
  readonly fields: readonly (readonly { readonly fromMm: number; readonly lengthMm: number; readonly at: number }[])[];
};

const LAMP_WORDS = { even: 'even light', low: 'low lamp' } as const;
/** How wide a board is drawn, pixels. */
const WIDE = 560;
const BLINK_MS = 700;

/** Which board, lamp and cycles are compared. */
function FlipPicks({
  board,
  setBoard,
  boards,
  lamps,
  lamp,
  setLamp,
  before,
  after,
  setCycles,
  here,
}: {
  readonly board: number;
  readonly setBoard: (next: number) => void;
  readonly boards: number[];
  readonly lamps: Shot['lamp'][];
  readonly lamp: Shot['lamp'];
  readonly setLamp: (next: Shot['lamp']) => void;
  readonly before: Shot;
  readonly after: Shot;
  readonly setCycles: (next: readonly [number, number]) => void;
  readonly here: Shot[];
}) {
  return (
    <div className="flex flex-wrap items-end gap-x-5">
      <SelectField
        label={wording.board}
        value={board}
        onChange={(event) => setBoard(Number(event.target.value))}
        className="w-24"
      >
        {boards.map((one) => (
          <option key={one}>{one}</option>
        ))}
      </SelectField>
      {lamps.length > 1 ? (
        <SelectField
          label={wording.light}
          value={lamp}
          onChange={(event) => setLamp(event.target.value === 'low' ? 'low' : 'even')}
          className="w-36"
        >
          {lamps.map((one) => (
            <option key={one} value={one}>
              {LAMP_WORDS[one]}
            </option>
          ))}
        </SelectField>
      ) : null}
      {([0, 1] as const).map((at) => (
        <SelectField
          key={at}
          label={at === 0 ? wording.leftAfter : wording.rightAfter}
          value={(at === 0 ? before : after).cycle}
          onChange={(event) => {
            const cycle = Number(event.target.value);
            setCycles(at === 0 ? [cycle, after.cycle] : [before.cycle, cycle]);
          }}
          className="w-28"
        >
          {here.map((one) => (
            <option key={one.cycle} value={one.cycle}>
              {wording.cycles(one.cycle)}
            </option>
          ))}
        </SelectField>
      ))}
    </div>
  );
}

/** One board at two cycles in one place: swiped with a slider, or blinked; fields stay where they are. */
export function BoardFlip({ shots, lengthMm, widthMm, fields }: Props) {
  const boards = [...new Set(shots.map((one) => one.board))].sort((a, b) => a - b);
  const [board, setBoard] = useState(boards[0] ?? 1);
  const [lamp, setLamp] = useState<'even' | 'low'>('even');
  const here = shots.filter((one) => one.board === board && one.lamp === lamp).sort((a, b) => a.cycle - b.cycle);
  const [first, last] = [here[0], here.at(-1)];
  const [cycles, setCycles] = useState<readonly [number, number]>([first?.cycle ?? 0, last?.cycle ?? 0]);
  const of = (cycle: number): Shot | undefined => here.findLast((one) => one.cycle === cycle);
  const [before, after] = [of(cycles[0]) ?? first, of(cycles[1]) ?? last];
  const [swipe, setSwipe] = useState(50);
  const [blinks, setBlinks] = useState(false);
  const [shows, setShows] = useState(false);
  useEffect(() => {
    if (!blinks) return;
    const turn = setInterval(() => setShows((one) => !one), BLINK_MS);
    return () => clearInterval(turn);
  }, [blinks]);
  const scale = WIDE / lengthMm;
  const share = blinks ? (shows ? 100 : 0) : swipe;
  if (!before || !after) return null;
  const flat = (shot: Shot) => (
    <FlatBoard
      src={photoAt(shot.photo)}
      alt={wording.boardAfterCycles(shot.board, shot.cycle, LAMP_WORDS[shot.lamp])}
      corners={shot.corners}
      scale={scale}
      lengthMm={lengthMm}
      widthMm={widthMm}
    />
  );
  const lamps = [...new Set(shots.map((one) => one.lamp))];
  return (
    <section aria-label={wording.picturesOfOneBoard}>
      <FlipPicks
        board={board}
        setBoard={setBoard}
        boards={boards}
        lamps={lamps}
        lamp={lamp}
        setLamp={setLamp}
        before={before}
        after={after}
        setCycles={setCycles}
        here={here}
      />
      <div className="overflow-x-auto">
        <div className="relative border-2 border-ink" style={{ width: WIDE + 4, height: widthMm * scale + 4 }}>
          {flat(after)}
          <span className="absolute inset-0" style={{ clipPath: `inset(0 ${100 - share}% 0 0)` }}>
            {flat(before)}
          </span>
          {blinks ? null : (
            <span className="absolute inset-y-0 w-1 bg-paper ring-1 ring-ink" style={{ left: `${share}%` }} aria-hidden="true" />
          )}
        </div>
        <ol className="reading relative h-6 font-bold" style={{ width: WIDE }}>
          {fields[board - 1]?.map(({ fromMm, lengthMm: long, at }) => (
            <li key={fromMm} className="-translate-x-1/2 absolute" style={{ left: (fromMm + long / 2) * scale }}>
              {LINE_LETTERS[at]}
            </li>
          ))}
        </ol>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-4">
        <input
          type="range"
          min={0}
          max={100}
          value={swipe}
          disabled={blinks}
          onChange={(event) => setSwipe(Number(event.target.value))}
          aria-label={wording.swipeBetweenTheTwo}
          className="h-11 w-64 accent-ink"
        />
        <Button onClick={() => setBlinks(!blinks)}>{blinks ? wording.stopBlinking : wording.blink}</Button>
      </div>
    </section>
  );
}
