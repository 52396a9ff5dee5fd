'use client';

import { useState } from 'react';
import { formatTemperature, parseHumidity, parseTemperature } from '@/core/quantity';
import { Button } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { freshId } from '@/ui/id';
import { saveReading } from '../actions';
import { useSave } from '@/web/use-save';

/** A room reading, typed. */
export function ReadingForm({
  places,
  at,
}: {
  readonly places: readonly { readonly id: number; readonly name: string }[];
  readonly at: number;
}) {
  const [placeId, setPlaceId] = useState(at);
  const [temp, setTemp] = useState('');
  const [rh, setRh] = useState('');
  const { busy, faults, rest, run } = useSave();
  const [readTemp, readRh] = [parseTemperature(temp), parseHumidity(rh)];
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void run(
          () => saveReading({ clientId: freshId(), placeId, temp, rh }),
          () => {
            setTemp('');
            setRh('');
          },
        );
      }}
    >
      <h2 className="mb-1">Read the room</h2>
      <div className="grid grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)_minmax(0,1fr)_auto] items-start gap-3">
        <SelectField label="Place" value={placeId} onChange={(event) => setPlaceId(Number(event.target.value))}>
          {places.map((place) => (
            <option key={place.id} value={place.id}>
              {place.name}
            </option>
          ))}
        </SelectField>
        <TextField
          label="Temperature"
          value={temp}
          onChange={(event) => setTemp(event.target.value)}
          hint="18.5, 65F"
          echo={readTemp.ok ? formatTemperature(readTemp.value) : null}
          fault={faults.temp}
        />
        <TextField
          label="Humidity"
          value={rh}
          onChange={(event) => setRh(event.target.value)}
          hint="55 %"
          echo={readRh.ok ? `${Math.round(readRh.value * 100)} %` : null}
          fault={faults.rh}
        />
        <Button type="submit" className="mt-5" disabled={busy}>
          Read
        </Button>
      </div>
      <Faults of={rest(['temp', 'rh'])} />
    </form>
  );
}
