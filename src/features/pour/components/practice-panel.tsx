'use client';

import { useState } from 'react';
import { say } from '@/core/quantity';
import type { PracticeScale } from '@/devices/practice-scale';
import { practicePanel as wording } from '@/messages/screens/pour';
import { Button } from '@/ui/button';
import { reads } from '@/web/here';
import type { DeviceState } from '@/web/use-device';

const TROUBLE = {
  overload: wording.tooMuchOnTheScale,
  garbage: wording.theScaleSendsSomethingThat,
  lost: 'The scale is silent: its cable or battery. The pot stands on it still; type what it shows, or plug it in again.',
} as const;

type Props = {
  readonly scale: PracticeScale | null;
  readonly state: DeviceState;
  readonly markG: number | null;
  readonly onStart: () => void;
  readonly onStop: () => void;
};

/** A practice scale beside the typed way: it pours, drifts, is unplugged and plugged in again. */
export function PracticePanel({ scale, state, markG, onStart, onStop }: Props) {
  const [unplugged, setUnplugged] = useState(false);
  if (!scale)
    return (
      <p className="mt-3 flex flex-wrap items-center gap-3">
        <Button look="quiet" onClick={onStart}>
          {wording.useThePracticeScale}
        </Button>
        <span className="text-soft">{wording.orTypeEveryReading}</span>
      </p>
    );
  return (
    <section aria-label={wording.practiceScale} className="mt-3 border-rule border-t pt-2">
      <p className="flex flex-wrap items-center gap-x-4">
        <span className="label">{wording.practiceScale}</span>
        <span className="reading text-xl">
          {state.value === null ? '–' : say(state.value, 'g', reads(), 1)}{' '}
          <span className={`text-base font-semibold ${state.stable ? 'text-fit' : 'text-soft'}`}>
            {state.trouble === 'lost' ? wording.silent : state.stable ? wording.steady : wording.moving}
          </span>
        </span>
      </p>
      {state.trouble ? (
        <p role="alert" className="my-1 border-late border-l-8 bg-paper px-3 py-2 font-semibold">
          ▲ {TROUBLE[state.trouble]}
        </p>
      ) : null}
      <div className="mt-1 flex flex-wrap gap-2">
        <Button disabled={markG === null} onClick={() => markG !== null && scale.pourTo(markG)}>
          {wording.pourToTheMark}
        </Button>
        <Button onClick={() => scale.pourTo((state.value ?? 0) + 25)}>{wording.slipMore(say(25, 'g', reads(), 0))}</Button>
        <Button onClick={scale.stopPouring}>{wording.stopPouring}</Button>
        <Button
          onClick={() => {
            if (unplugged) scale.plug();
            else scale.unplug();
            setUnplugged(!unplugged);
          }}
        >
          {unplugged ? wording.plugItIn : wording.pullTheCable}
        </Button>
        <Button onClick={scale.garble}>{wording.garbleTheLine}</Button>
        <Button
          look="quiet"
          onClick={() => {
            setUnplugged(false);
            onStop();
          }}
        >
          {wording.putThePracticeScale}
        </Button>
      </div>
    </section>
  );
}
