'use client';

import { useState } from 'react';
import { type Climate, type Daily, dailyRate, type Needed, readyWith } from '@/core/cure';
import { formatDuration, parseHumidity, parseTemperature } from '@/core/quantity';
import { SelectField, TextField } from '@/ui/field';
import { dayAndDate } from '@/ui/when';

export type Scene = { readonly id: string; readonly name: string; readonly day: Daily };
type Props = {
  readonly needed: Needed;
  readonly ageHours: number;
  readonly nowMs: number;
  readonly zone: string;
  readonly settles: boolean;
  /** How it goes on as it stands, as the estimate reckons it. */
  readonly nowReady: { readonly p50: number; readonly p90: number };
  readonly scenes: readonly Scene[];
};

const OWN = 'own';

/** What would become of the dates if it stood somewhere else from now on. */
export function WhatIf({ needed, ageHours, nowMs, zone, settles, nowReady, scenes }: Props) {
  const [id, setId] = useState('');
  const [temp, setTemp] = useState('25 °C');
  const [rh, setRh] = useState('45 %');
  const [tempC, humidity] = [parseTemperature(temp), parseHumidity(rh)];
  const own: Climate | null = tempC.ok && humidity.ok ? { tempC: tempC.value, rh: humidity.value, light: 'indoor' } : null;
  const day: Daily | undefined =
    id === OWN ? (own ? [{ climate: own, hours: 24 }] : undefined) : scenes.find((scene) => scene.id === id)?.day;
  const found = day ? readyWith({ needed, ageHours, nowMs }, dailyRate(day)) : null;
  const gain = found ? Math.max(nowReady.p90, nowMs) - found.p90 : 0;
  return (
    <section aria-label="What if">
      <h2 className="mb-1">What if from now on it …</h2>
      <div className="grid gap-x-4 bench:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)_minmax(0,1fr)]">
        <SelectField label="stood" value={id} onChange={(event) => setId(event.target.value)}>
          <option value="">where it is</option>
          {scenes.map((scene) => (
            <option key={scene.id} value={scene.id}>
              {scene.name}
            </option>
          ))}
          <option value={OWN}>in other air: type it</option>
        </SelectField>
        {id === OWN ? (
          <>
            <TextField
              label="Temperature"
              value={temp}
              onChange={(event) => setTemp(event.target.value)}
              fault={tempC.ok ? undefined : 'like 25 °C or 77 F'}
            />
            <TextField
              label="Humidity"
              value={rh}
              onChange={(event) => setRh(event.target.value)}
              fault={humidity.ok ? undefined : 'like 45 %'}
            />
          </>
        ) : null}
      </div>
      <p aria-live="polite" className="min-h-12">
        {found ? (
          <>
            Most likely {settles ? 'settled' : 'cured'} <strong>{dayAndDate(found.p50, zone)}</strong>, almost surely by{' '}
            <strong>{dayAndDate(found.p90, zone)}</strong>:{' '}
            {Math.abs(gain) < 3_600_000
              ? 'no different.'
              : `${formatDuration(Math.abs(gain) / 60_000)} ${gain > 0 ? 'sooner' : 'later'}.`}{' '}
            <span className="text-soft">An estimate. A warm cabinet takes no work still wet with solvent.</span>
          </>
        ) : (
          <span className="text-soft">
            Almost surely by {dayAndDate(nowReady.p90, zone)} where it stands. Choose another place to see what that changes.
          </span>
        )}
      </p>
    </section>
  );
}
