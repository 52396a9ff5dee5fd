'use client';

import { useState } from 'react';
import { formatDuration } from '@/core/quantity';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { clockTime } from '@/ui/when';
import { checkCloths, layCloths } from '../actions';

export type RagView = {
  readonly id: number;
  readonly version: number;
  readonly hazard: 'self-heating' | 'flammable' | 'plain';
  readonly openedAt: number;
  readonly laidAt: number | null;
  readonly way: string | null;
  readonly coats: number;
  readonly batches: readonly string[];
};

const WAYS = [
  { way: 'flat', done: 'Laid flat, single, on metal, stone or outdoors' },
  { way: 'under-water', done: 'Under water in a lidded metal can' },
  { way: 'burnt', done: 'Burnt outdoors, no solvent in them' },
  { way: 'none-left', done: 'No cloth or paper was used' },
] as const;
const LIE: Readonly<Record<string, string>> = {
  flat: 'lie flat',
  'under-water': 'lie under water',
  burnt: 'are burnt',
  'none-left': 'none left',
};

const HEAD: Readonly<Record<RagView['hazard'], string>> = {
  'self-heating': 'Oily cloths can set fire to the shop',
  flammable: 'Cloths wet with solvent burn easily',
  plain: 'Oily cloths: lay them flat',
};

/** Twelve hours on, the cloths want the next day's look. */
const LOOK_AFTER_MS = 12 * 3_600_000;

/** The open rag line at the end of the strip: it cannot be sent away unanswered. With a drying oil it is an alarm until it is answered. */
export function RagAnswer({ line, nowMs, zone }: { readonly line: RagView; readonly nowMs: number; readonly zone: string }) {
  const [open, setOpen] = useState(false);
  const [fault, setFault] = useState('');
  const alarm = line.hazard === 'self-heating' && line.laidAt === null;
  const due = line.laidAt !== null && nowMs - line.laidAt >= LOOK_AFTER_MS;
  const answer = async (run: () => ReturnType<typeof layCloths>): Promise<void> => {
    const said = await run();
    setFault(said.ok ? '' : Object.values(said.faults).join(' '));
    if (said.ok) setOpen(false);
  };
  return (
    <aside
      aria-label="Oily cloths"
      className={`flex shrink-0 flex-col gap-2 border-t-2 border-ink px-3 py-3 bench:flex-1 wide:w-52 wide:flex-none wide:border-t-0 wide:border-l-2 ${alarm ? 'bg-late text-on-state' : 'bg-glow'}`}
    >
      <p className="font-semibold leading-5">
        {alarm ? '▲ ' : ''}
        {line.laidAt === null ? HEAD[line.hazard] : due ? 'Look at the cloths: are they cold?' : 'Cloths lie, to be looked at'}
      </p>
      <p className="reading text-sm leading-5">
        {line.coats} {line.coats === 1 ? 'coat' : 'coats'} since {clockTime(line.openedAt, zone, nowMs)},{' '}
        {line.batches.join(', ')}
        {line.way ? `. They ${LIE[line.way] ?? ''}.` : ''}
      </p>
      <Button
        big
        className={`mt-auto ${alarm ? 'border-on-state text-on-state hover:bg-late' : ''}`}
        look={due ? 'late' : 'plain'}
        onClick={() =>
          line.laidAt === null ? setOpen(true) : void answer(() => checkCloths({ id: line.id, version: line.version }))
        }
        disabled={line.laidAt !== null && !due}
      >
        {line.laidAt === null
          ? 'How do they lie?'
          : due
            ? 'Looked at: cold'
            : `Look in ${formatDuration((line.laidAt + LOOK_AFTER_MS - nowMs) / 60_000)}`}
      </Button>
      {fault ? <p role="alert">▲ {fault}</p> : null}
      <Sheet
        title="How do the cloths lie?"
        open={open}
        onOpenChange={setOpen}
        say="Cloths, paper, pads, gloves, brushes and oil-soaked dust of this session. Never in a heap, never in a bin; never hot-washed or tumble-dried."
      >
        {WAYS.map(({ way, done }) => (
          <Button
            key={way}
            big
            className="text-left"
            onClick={() => void answer(() => layCloths({ id: line.id, way, version: line.version }))}
          >
            {done}
          </Button>
        ))}
        <p className="text-soft">The line stays here until they are looked at the next day.</p>
      </Sheet>
    </aside>
  );
}
