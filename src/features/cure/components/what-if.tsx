'use client';

import dynamic from 'next/dynamic';
import { type ComponentProps, useEffect, useState } from 'react';
import { type Climate, type CureMode, cureRate, type ReadyAt, type SeenAt } from '@/core/cure';
import { MS_PER_HOUR, MS_PER_MINUTE, parseHumidity, parseTemperature, say, sayMinutes } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { whatIf as wording } from '@/messages/screens/cure';
import { Faults, SelectField, TextField } from '@/ui/field';
import { dayAndDate } from '@/ui/when';
import { reads } from '@/web/here';
import { useElsewhere } from '../use-elsewhere';
import type { FanChart as Chart } from './fan-chart';

/** Somewhere it could stand, with the mean rate of cure there. */
export type CureScene = { readonly id: string; readonly name: string; readonly rate: number };
type Under = {
  readonly a0Hours: number;
  readonly seen: readonly SeenAt[];
  readonly scale: number;
  readonly mode: CureMode;
  readonly ageHours: number;
  readonly settles: boolean;
  readonly nowReady: ReadyAt;
  readonly scenes: readonly CureScene[];
};
type Props = {
  readonly chart: Omit<ComponentProps<typeof Chart>, 'there'>;
  /** Null once it is decided: then nothing is asked any more. */
  readonly under: Under | null;
};
type There = { readonly ready: ReadyAt; readonly line: readonly { readonly atMs: number; readonly there: number }[] };

const OWN = 'own';

/** Charts are drawn where they are looked at; the server says the same in words. */
const FanChart = dynamic(() => import('./fan-chart').then((file) => file.FanChart), {
  ssr: false,
  loading: () => <div className="h-88" />,
});

/** The fan, and what would become of it if the batch stood somewhere else from now on. */
export function Fan({ chart, under }: Props) {
  const [there, setThere] = useState<There | null>(null);
  return (
    <div>
      <FanChart {...chart} there={there?.line ?? []} />
      {under ? <WhatIf chart={chart} under={under} there={there} onThere={setThere} /> : null}
    </div>
  );
}

type WhatIfProps = {
  readonly chart: Props['chart'];
  readonly under: Under;
  readonly there: There | null;
  readonly onThere: (there: There | null) => void;
};

function WhatIf({ chart: { points, nowMs, zone }, under, there, onThere }: WhatIfProps) {
  const { a0Hours, seen, scale, mode, ageHours, settles, nowReady, scenes } = under;
  const [id, setId] = useState('');
  const [temp, setTemp] = useState(say(25, '°C', reads(), 0));
  const [rh, setRh] = useState('45 %');
  const elsewhere = useElsewhere();
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [tempC, humidity] = [parseTemperature(temp, reads()), parseHumidity(rh)];
  const own: Climate | null = tempC.ok && humidity.ok ? { tempC: tempC.value, rh: humidity.value, light: 'indoor' } : null;
  const rate = id === OWN ? own && cureRate(own, mode) : (scenes.find((scene) => scene.id === id)?.rate ?? null);
  const until = points.at(-1)?.atMs ?? nowMs;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the batch changes with the page, and with it the moment
  useEffect(() => {
    let stale = false;
    if (rate === null) onThere(null);
    else
      void elsewhere((face) => face.elsewhere({ a0Hours, seen, mode, scale, ageHours, nowMs }, rate, until)).then((found) => {
        if (stale) return;
        onThere(found.ok ? found.value : null);
        setFaults(found.ok ? [] : found.issues.map((one) => sayIssue(one, reads())));
      });
    return () => {
      stale = true;
    };
  }, [rate, ageHours, nowMs, until]);
  const found = rate === null ? undefined : there?.ready;
  const gain = found?.p90 != null && nowReady.p90 !== null ? Math.max(nowReady.p90, nowMs) - found.p90 : 0;
  const on = (ms: number | null): string => (ms === null ? wording.atADateThat : dayAndDate(ms, zone));
  return (
    <section aria-label={wording.whatIf} className="mt-4">
      <div className="grid gap-x-4 bench:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)_minmax(0,1fr)]">
        <SelectField label={wording.whatIfFromNow} value={id} onChange={(event) => setId(event.target.value)}>
          <option value="">{wording.whereItIs}</option>
          {scenes.map((scene) => (
            <option key={scene.id} value={scene.id}>
              {scene.name}
            </option>
          ))}
          <option value={OWN}>{wording.inOtherAirType}</option>
        </SelectField>
        {id === OWN ? (
          <>
            <TextField
              label={wording.temperature}
              value={temp}
              onChange={(event) => setTemp(event.target.value)}
              fault={tempC.ok ? undefined : wording.likeCOrF}
            />
            <TextField
              label={wording.humidity}
              value={rh}
              onChange={(event) => setRh(event.target.value)}
              fault={humidity.ok ? undefined : wording.like}
            />
          </>
        ) : null}
      </div>
      <Faults of={faults} />
      <p aria-live="polite" className="min-h-12">
        {found ? (
          <>
            {wording.mostLikely(settles ? wording.settled : wording.cured)}
            <strong>{on(found.p50)}</strong>
            {wording.almostSurelyBy}
            <strong>{on(found.p90)}</strong>:{' '}
            {Math.abs(gain) < MS_PER_HOUR
              ? wording.noDifferent
              : `${sayMinutes(Math.abs(gain) / MS_PER_MINUTE)} ${gain > 0 ? wording.sooner : wording.later}.`}{' '}
            <span className="text-soft">{wording.anEstimate}</span>
          </>
        ) : (
          <span className="text-soft">
            {wording.almostSurelyWhereIt(nowReady.p90 === null ? '' : wording.by, on(nowReady.p90))}
          </span>
        )}
      </p>
    </section>
  );
}
