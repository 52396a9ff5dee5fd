'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { openDemo, setUp } from '../actions';
import { useSave } from '@/web/use-save';
import { HoursFields, readHours } from './hours-fields';

const USUAL = ['08:30-17:30', '08:30-17:30', '08:30-17:30', '08:30-17:30', '08:30-17:30', '', ''];

/** The first screen of an empty file: the shop's name, hours and people, or the demo shed. */
export function SetUp({ zones, guess }: { readonly zones: readonly string[]; readonly guess: string }) {
  const router = useRouter();
  const [name, setName] = useState('');
  const [zone, setZone] = useState(guess);
  const [currency, setCurrency] = useState('EUR');
  const [crew, setCrew] = useState([{ initials: '', name: '' }]);
  const [hours, setHours] = useState<readonly string[]>(USUAL);
  const { busy, faults, rest, run } = useSave();
  const read = readHours(hours);
  const there = (): void => router.push('/');
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (read.bad.length === 0)
          void run(
            () =>
              setUp({
                name,
                zone,
                currency: currency.toUpperCase(),
                people: crew.filter((one) => one.initials || one.name),
                hours: read.hours,
              }),
            there,
          );
      }}
    >
      <TextField
        label="Name of the shop"
        value={name}
        onChange={(event) => setName(event.target.value)}
        fault={faults.name}
        required
      />
      <div className="grid grid-cols-[2fr_1fr] gap-4">
        <TextField
          label="Time zone"
          list="zones"
          value={zone}
          onChange={(event) => setZone(event.target.value)}
          fault={faults.zone}
          required
        />
        <TextField
          label="Currency"
          value={currency}
          onChange={(event) => setCurrency(event.target.value)}
          fault={faults.currency}
          hint="EUR, GBP, USD …"
          required
        />
        <datalist id="zones">
          {zones.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      </div>
      <fieldset>
        <legend className="label">People of the shop</legend>
        {crew.map((one, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows are only added at the end
          <div key={i} className="grid grid-cols-[6rem_1fr] gap-4">
            <TextField
              label="Initials"
              value={one.initials}
              maxLength={4}
              onChange={(event) => setCrew(crew.map((old, j) => (j === i ? { ...old, initials: event.target.value } : old)))}
              fault={faults[`people.${i}.initials`] ?? (i === 0 ? faults.people : undefined)}
              required={i === 0}
            />
            <TextField
              label="Name"
              value={one.name}
              onChange={(event) => setCrew(crew.map((old, j) => (j === i ? { ...old, name: event.target.value } : old)))}
              fault={faults[`people.${i}.name`]}
              required={i === 0}
            />
          </div>
        ))}
        <Button onClick={() => setCrew([...crew, { initials: '', name: '' }])}>Another person</Button>
      </fieldset>
      <HoursFields value={hours} onChange={setHours} />
      <Faults of={rest(['name', 'zone', 'currency', 'people'])} />
      <div className="mt-2 flex flex-wrap gap-3">
        <Button look="main" big type="submit" disabled={busy}>
          Open the shop
        </Button>
        <Button big disabled={busy} onClick={() => void run(() => openDemo(), there)}>
          Look at the demo shed instead
        </Button>
      </div>
    </form>
  );
}
