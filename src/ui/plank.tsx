'use client';

import { useRef } from 'react';
import { plank as wording } from '@/messages/screens/ui';
import { DragArea, EdgeHandle, type Pull } from './drag';
import { familyFill } from './family';

export type Board = {
  readonly id: string;
  readonly name: string;
  readonly family: string;
  readonly share: number;
  readonly under: readonly string[];
};

type Props = {
  readonly boards: readonly Board[];
  /** How it was sawn before, drawn beneath it. */
  readonly was?: { readonly name: string; readonly boards: readonly Board[] } | null;
  /** Moves the kerf after a board: the share that board is to have of the two it parts. */
  readonly onKerf?: (index: number, share: number) => void;
};

const STEP = 0.005;
const LEAST = 0.005;

/** One long plank sawn in proportion; each kerf can be dragged, or moved with the arrow keys. */
export function Plank({ boards, was = null, onKerf }: Props) {
  const plank = useRef<HTMLDivElement>(null);
  const before = (index: number): number => boards.slice(0, index).reduce((sum, board) => sum + board.share, 0);
  const pair = (index: number): number => (boards[index]?.share ?? 0) + (boards[index + 1]?.share ?? 0);
  const moveTo = (index: number, at: number): void => {
    const share = Math.min(pair(index) - LEAST, Math.max(LEAST, at - before(index)));
    onKerf?.(index, share);
  };
  const grabbed = useRef(0);
  const pull = (id: string, { x }: Pull): void => {
    if (plank.current) moveTo(Number(id), grabbed.current + x / plank.current.clientWidth);
  };
  return (
    <div>
      <div ref={plank} className="relative flex h-24 w-full border-ink border-y-2">
        {boards.map((board, index) => (
          <div
            key={board.id}
            className="relative h-full min-w-0 overflow-hidden"
            style={{ ...familyFill(board.family), width: `${board.share * 100}%` }}
          >
            <span className="absolute inset-x-0 bottom-0 block truncate bg-ink/80 px-2 py-0.5 text-sm font-semibold text-bench">
              {board.name}
            </span>
            {index === 0 ? <span aria-hidden="true" className="absolute inset-y-0 left-0 w-0.5 bg-ink" /> : null}
          </div>
        ))}
        <DragArea
          onGrab={(id) => {
            grabbed.current = before(Number(id) + 1);
          }}
          onPull={pull}
        >
          {boards.slice(0, -1).map((board, index) => (
            <EdgeHandle
              key={`kerf-${board.id}`}
              id={String(index)}
              aria-label={wording.kerfBetweenAnd(board.name, boards[index + 1]?.name ?? '')}
              aria-valuemin={0}
              aria-valuemax={100}
              aria-valuenow={Math.round(before(index + 1) * 1000) / 10}
              aria-valuetext={`${Math.round(board.share * 1000) / 10} % ${board.name}`}
              style={{ left: `${before(index + 1) * 100}%` }}
              className="z-10 w-11"
              onStep={(steps) => moveTo(index, before(index + 1) + steps * STEP)}
            >
              <span
                aria-hidden="true"
                className="absolute inset-y-0 left-1/2 w-1.5 -translate-x-1/2 border-ink border-x-2 bg-bench"
              />
            </EdgeHandle>
          ))}
        </DragArea>
      </div>
      {was ? <Before was={was} boards={boards} /> : null}
      <div className="flex w-full">
        {boards.map((board) => (
          <div key={board.id} className="reading min-w-0 pt-1 pr-1 text-sm leading-5" style={{ width: `${board.share * 100}%` }}>
            {board.under.map((line) => (
              <span key={line} className="block whitespace-nowrap">
                {line}
              </span>
            ))}
          </div>
        ))}
      </div>
    </div>
  );
}

/** The plank as it was sawn before, thin beneath the one that is; what each board gained or lost is said. */
function Before({ was, boards }: { readonly was: NonNullable<Props['was']>; readonly boards: readonly Board[] }) {
  const changes = [
    ...boards.map((board) => ({ board, by: board.share - (was.boards.find((one) => one.id === board.id)?.share ?? 0) })),
    ...was.boards.filter((one) => !boards.some((board) => board.id === one.id)).map((board) => ({ board, by: -board.share })),
  ].filter(({ by }) => Math.abs(by) >= 0.0005);
  return (
    <div>
      <div className="flex h-4 w-full border-ink border-b">
        {was.boards.map((board) => (
          <span
            key={board.id}
            className="h-full border-ink border-r-2 opacity-70 last:border-r-0"
            style={{ ...familyFill(board.family), width: `${board.share * 100}%` }}
          />
        ))}
      </div>
      <p className="text-sm">
        <span className="text-soft">{wording.beneath(was.name)}</span>{' '}
        {changes.map(({ board, by }) => `${board.name} ${by > 0 ? '+' : '−'}${(Math.abs(by) * 100).toFixed(1)} %`).join(', ')}
      </p>
    </div>
  );
}
