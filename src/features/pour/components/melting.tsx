'use client';

import { useState } from 'react';
import type { HeatLadder as Ladder } from '@/core/blend';
import { formatTemperature, parseTemperature } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { HeatLadder } from '@/features/blends/components/heat-ladder';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { freshId } from '@/ui/id';
import { useSave } from '../../shop/use-save';
import { offTheHeat, readPot } from '../actions';

type Props = {
  readonly pourId: number;
  readonly version: number;
  readonly heat: Ladder;
  readonly temperatures: readonly { readonly at: number; readonly tempC: number }[];
};

/** Within this of the ceiling the screen warns. */
const NEAR_CEILING_K = 5;

/** What the pot's temperature means for this blend. */
function say(tempC: number | null, { clearC, pourC, holdMaxC }: Ladder): { readonly text: string; readonly bad: boolean } {
  if (tempC === null) return { text: 'Set the vessel in the water bath and type what the thermometer shows.', bad: false };
  if (holdMaxC !== null && tempC > holdMaxC)
    return { text: 'Past the ceiling: off the heat now. If it has browned or lost its scent, keep it as tool wax.', bad: true };
  if (holdMaxC !== null && tempC > holdMaxC - NEAR_CEILING_K)
    return { text: 'Close to the ceiling: turn the heat down.', bad: true };
  if (clearC !== null && tempC < clearC)
    return { text: 'Not clear yet. Stir now and then; no rolling boil, water below the rim.', bad: false };
  if (pourC !== null && tempC < pourC) return { text: 'Clear soon. Pour as soon as it is clear and a little above.', bad: false };
  return { text: 'Hot enough to pour: take it off, fill at once.', bad: false };
}

/** The melt: the pot's typed temperatures against the ladder. */
export function Melting({ pourId, version, heat, temperatures }: Props) {
  const [temp, setTemp] = useState('');
  const { busy, faults, rest, run } = useSave<void>();
  const typed = parseTemperature(temp);
  const now = temperatures.at(-1)?.tempC ?? null;
  const words = say(now, heat);
  return (
    <div className="grid gap-8 bench:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
      <section>
        <p className="reading text-[clamp(4rem,10vw,8rem)] font-semibold leading-none">
          {now === null ? '–' : now.toFixed(0)}
          <span className="ml-2 text-[0.3em] font-normal text-soft">°C in the pot</span>
        </p>
        <p role="status" className={`mt-2 text-lg font-semibold ${words.bad ? 'text-late' : ''}`}>
          {words.bad ? '▲ ' : ''}
          {words.text}
        </p>
        <form
          className="mt-4 flex items-start gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            void run(
              () => readPot({ clientId: freshId(), pourId, temp }),
              () => setTemp(''),
            );
          }}
        >
          <TextField
            className="w-56"
            label="The thermometer says"
            value={temp}
            onChange={(event) => setTemp(event.target.value)}
            inputMode="decimal"
            hint="68, 150F"
            echo={typed.ok ? formatTemperature(typed.value) : null}
            fault={temp !== '' && !typed.ok ? typed.issues.map(sayIssue).join(' ') : faults.temp}
          />
          <Button look="plain" big type="submit" className="mt-5" disabled={busy || temp === ''}>
            Read
          </Button>
        </form>
        <Faults of={rest(['temp'])} />
        <Button look="hand" big disabled={busy} onClick={() => void run(() => offTheHeat({ pourId, version }))}>
          Clear, off the heat
        </Button>
        <ol className="reading mt-4 flex flex-wrap gap-x-4 text-soft" aria-label="Thermometer log">
          {temperatures.map(({ at, tempC }) => (
            <li key={at}>{formatTemperature(tempC)}</li>
          ))}
        </ol>
      </section>
      <HeatLadder heat={heat} potC={now} />
    </div>
  );
}
