'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type ClothWay, lookFromMs, waysFor } from '@/core/cloths';
import { say, MS_PER_MINUTE } from '@/core/quantity';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults } from '@/ui/field';
import { clockTime } from '@/ui/when';
import type { Answer } from '../act';
import { checkCloths, layCloths } from './actions';

export type RagView = {
  readonly id: number;
  readonly version: number;
  readonly hazard: 'self-heating' | 'flammable' | 'plain';
  readonly openedAt: number;
  readonly laidAt: number | null;
  readonly way: string | null;
  /** Something on them gives off vapour: they are not burnt. */
  readonly vapour: boolean;
  /** When they were answered before more came. */
  readonly answeredAt: number | null;
  /** Acts that left cloths, and the batches and pots they were left at. */
  readonly acts: number;
  readonly at: readonly string[];
  /** A look that came too early to close it. */
  readonly lookedAt: number | null;
};

const WAY_DONE: Readonly<Record<ClothWay, string>> = {
  flat: 'Laid flat, single, on metal, stone or outdoors',
  'under-water': 'Under water in a lidded metal can',
  burnt: 'Burnt outdoors, no solvent in them',
  'none-left': 'No cloth or paper was used',
};
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

/** The open rag line at the end of the strip: it cannot be sent away unanswered. With a drying oil it is an alarm until it is answered. */
export function RagAnswer({ line, nowMs, zone }: { readonly line: RagView; readonly nowMs: number; readonly zone: string }) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [fault, setFault] = useState('');
  const alarm = line.hazard === 'self-heating' && line.laidAt === null;
  const due = line.laidAt !== null && nowMs >= lookFromMs(line.laidAt);
  const answer = async (run: () => Promise<Answer<unknown>>): Promise<void> => {
    const said = await run();
    setFault(said.ok ? '' : Object.values(said.faults).join(' '));
    if (said.ok) setOpen(false);
    // A wipe that was recorded a moment ago adds to the line: what is refused for it is shown as it is now, and may be said again.
    else router.refresh();
  };
  return (
    <aside
      aria-label="Oily cloths"
      className={`flex shrink-0 flex-col gap-2 border-t-2 border-ink px-3 py-3 bench:flex-1 wide:w-52 wide:flex-none wide:border-t-0 wide:border-l-2 ${alarm ? 'bg-late text-on-state' : 'bg-glow'}`}
    >
      <p className="font-semibold leading-5">
        {alarm ? '▲ ' : ''}
        {line.laidAt === null
          ? line.answeredAt === null
            ? HEAD[line.hazard]
            : 'And the cloths you wiped with since?'
          : due
            ? 'Look at the cloths: are they cold?'
            : 'Cloths lie, to be looked at'}
      </p>
      <p className="reading text-sm leading-5">
        Cloths of {line.acts} {line.acts === 1 ? 'step' : 'steps'} since {clockTime(line.openedAt, zone, nowMs)},{' '}
        {line.at.join(', ')}.{line.way ? ` They ${LIE[line.way] ?? ''}.` : ''}
        {line.lookedAt !== null && !due ? ` Looked at ${clockTime(line.lookedAt, zone, nowMs)}: too early to close it.` : ''}
      </p>
      <Button
        big
        className={`mt-auto ${alarm ? 'border-on-state text-on-state hover:bg-late' : ''}`}
        look={due ? 'late' : 'plain'}
        onClick={() =>
          line.laidAt === null ? setOpen(true) : void answer(() => checkCloths({ id: line.id, version: line.version }))
        }
      >
        {line.laidAt === null
          ? 'How do they lie?'
          : due
            ? 'Looked at: cold'
            : `Looked at early (counts in ${say((lookFromMs(line.laidAt) - nowMs) / MS_PER_MINUTE, 'min')})`}
      </Button>
      {fault && !open ? <p role="alert">▲ {fault}</p> : null}
      <Sheet
        title="How do the cloths lie?"
        open={open}
        onOpenChange={setOpen}
        say="Cloths, paper, pads, gloves, brushes and oil-soaked dust of this session. Never in a heap, never in a bin; never hot-washed or tumble-dried."
      >
        {line.answeredAt === null ? null : (
          <p className="font-semibold">What was laid before lies. These are the ones since then.</p>
        )}
        {waysFor(line.hazard, line.vapour).map((way) => (
          <Button
            key={way}
            big
            className="text-left"
            onClick={() => void answer(() => layCloths({ id: line.id, way, version: line.version }))}
          >
            {WAY_DONE[way]}
          </Button>
        ))}
        <Faults of={fault ? [fault] : []} />
        <p className="text-soft">
          {line.hazard === 'plain'
            ? 'Plain oil does not heat itself: once laid, they are done with.'
            : 'The line stays here until they are looked at the next day.'}
        </p>
      </Sheet>
    </aside>
  );
}
