'use client';

import { useState } from 'react';
import { parseMass, say } from '@/core/quantity';
import type { DevicePort } from '@/devices/line';
import { type PracticeScale, practiceScale } from '@/devices/practice-scale';
import { sayIssue } from '@/messages';
import { tinScale as wording } from '@/messages/screens/work';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { TextField } from '@/ui/field';
import { reads } from '@/web/here';
import { portOf, useDevice } from '@/web/use-device';

type Device = { readonly scale: PracticeScale; readonly port: DevicePort };

const faultOf = (text: string): string | undefined => {
  const read = text.trim() === '' ? null : parseMass(text, reads());
  return read && !read.ok ? read.issues.map((one) => sayIssue(one, reads())).join(' ') : undefined;
};

type Props = {
  readonly onUsed: (grams: number) => void;
  /** Only in the demo shed: practice devices write into no real book. */
  readonly mayPractise: boolean;
};

/** What a coat used, by the tin before and after it: typed as the scale shows, or taken from the scale. */
export function TinScale({ onUsed, mayPractise }: Props) {
  const [open, setOpen] = useState(false);
  const [before, setBefore] = useState('');
  const [after, setAfter] = useState('');
  const [device, setDevice] = useState<Device | null>(null);
  const shown = useDevice(open ? (device?.port ?? null) : null);
  const [b, a] = [parseMass(before, reads()), parseMass(after, reads())];
  const used = b.ok && a.ok ? b.value - a.value : null;
  const take = shown.stable && shown.value !== null ? say(shown.value, 'g', reads(), 1) : null;
  return (
    <>
      <Button look="quiet" onClick={() => setOpen(true)}>
        {wording.weighTheTin}
      </Button>
      <Sheet title={wording.theTinBeforeAnd} open={open} onOpenChange={setOpen} say={wording.lidTinAndCloth}>
        {device ? (
          <p className="reading text-xl" aria-live="polite">
            {shown.value === null ? '–' : say(shown.value, 'g', reads(), 1)}{' '}
            <span className={`text-base font-semibold ${shown.stable ? 'text-fit' : 'text-soft'}`}>
              {shown.trouble === 'lost' ? wording.silent : shown.stable ? wording.steady : wording.moving}
            </span>
          </p>
        ) : mayPractise ? (
          <Button
            look="quiet"
            onClick={() => {
              const scale = practiceScale({ seed: 7, startG: 812 });
              setDevice({ scale, port: portOf(wording.practiceScale, 'mass', scale) });
            }}
          >
            {wording.useThePracticeScale}
          </Button>
        ) : null}
        <TextField
          label={wording.before}
          value={before}
          inputMode="decimal"
          onChange={(event) => setBefore(event.target.value)}
          fault={faultOf(before)}
        />
        {device ? (
          <Button disabled={take === null} onClick={() => setBefore(take ?? '')}>
            {wording.takeItAsBefore}
          </Button>
        ) : null}
        <TextField
          label={wording.after}
          value={after}
          inputMode="decimal"
          onChange={(event) => setAfter(event.target.value)}
          fault={faultOf(after)}
        />
        {device ? (
          <div className="flex flex-wrap gap-2">
            <Button disabled={take === null} onClick={() => setAfter(take ?? '')}>
              {wording.takeItAsAfter}
            </Button>
            <Button look="quiet" onClick={() => device.scale.put(Math.max(0, device.scale.mass() - 60))}>
              {wording.practiceUsed(say(60, 'g', reads(), 0))}
            </Button>
          </div>
        ) : null}
        <p className="reading text-xl" aria-live="polite">
          {used === null ? '' : used < 0 ? wording.moreInTheTin : wording.used(say(used, 'g', reads()))}
        </p>
        <Button
          look="main"
          big
          disabled={used === null || used < 0}
          onClick={() => {
            if (used !== null) onUsed(used);
            setOpen(false);
          }}
        >
          {wording.useThis}
        </Button>
      </Sheet>
    </>
  );
}
