'use client';

import { useState } from 'react';
import { formatMass, formatVolume } from '@/core/quantity';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults, TextField } from '@/ui/field';
import { useSave } from '@/web/use-save';
import { saveJar, saveJarCount } from '../actions';

export type Jar = {
  readonly id: number;
  readonly name: string;
  readonly capacityMl: number;
  readonly fillFraction: number;
  readonly have: number;
  readonly tareG: number | null;
  readonly price: string | null;
  readonly version: number;
};
const EMPTY = { name: '', capacity: '', fill: '92', have: '', tare: '', price: '' };

/** Jars and tins that are there to be filled. */
export function Jars({ jars }: { readonly jars: readonly Jar[] }) {
  const [open, setOpen] = useState(false);
  const [jar, setJar] = useState(EMPTY);
  const { busy, faults, rest, run } = useSave();
  const set = (field: keyof typeof EMPTY) => (event: { readonly target: { readonly value: string } }) =>
    setJar({ ...jar, [field]: event.target.value });
  return (
    <div>
      <ul className="flex flex-wrap gap-x-8 gap-y-2">
        {jars.map((one) => (
          <JarCount key={`${one.id}-${one.version}`} jar={one} />
        ))}
        {jars.length === 0 ? <li className="text-soft">No jars yet. Enter a size before you fill a pot.</li> : null}
      </ul>
      <Button className="mt-3" onClick={() => setOpen(true)}>
        Enter a size
      </Button>
      <Sheet title="A size of jar or tin" open={open} onOpenChange={setOpen}>
        <form
          className="flex flex-col gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            void run(
              () => saveJar(jar),
              () => {
                setOpen(false);
                setJar(EMPTY);
              },
            );
          }}
        >
          <TextField label="Name" value={jar.name} onChange={set('name')} fault={faults.name} hint="Tin 60 ml" required />
          <TextField
            label="Holds to the brim"
            value={jar.capacity}
            onChange={set('capacity')}
            fault={faults.capacity}
            hint="60 ml, 2 fl oz"
            required
          />
          <TextField
            label="Filled to (percent of the brim)"
            value={jar.fill}
            onChange={set('fill')}
            fault={faults.fill}
            inputMode="decimal"
            required
          />
          <TextField
            label="How many there are"
            value={jar.have}
            onChange={set('have')}
            fault={faults.have}
            inputMode="numeric"
            required
          />
          <TextField
            label="Empty, with its lid"
            value={jar.tare}
            onChange={set('tare')}
            fault={faults.tare}
            hint="21 g; for the true net mass"
          />
          <TextField label="Costs apiece" value={jar.price} onChange={set('price')} fault={faults.price} inputMode="decimal" />
          <Faults of={rest(['name', 'capacity', 'fill', 'have', 'tare', 'price'])} />
          <Button look="main" big type="submit" disabled={busy}>
            Put it in the stores
          </Button>
        </form>
      </Sheet>
    </div>
  );
}

function JarCount({ jar }: { readonly jar: Jar }) {
  const [have, setHave] = useState(String(jar.have));
  const { busy, faults, rest, run } = useSave();
  const changed = have !== String(jar.have);
  return (
    <li>
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void run(() => saveJarCount({ id: jar.id, have, version: jar.version }));
        }}
      >
        <TextField
          className="w-40"
          label={`${jar.name}, ${formatVolume(jar.capacityMl * jar.fillFraction)} filled`}
          value={have}
          onChange={(event) => setHave(event.target.value)}
          fault={faults.have ?? rest(['have'])[0]}
          inputMode="numeric"
        />
        {jar.tareG === null ? null : <span className="reading mb-6 text-sm text-soft">empty {formatMass(jar.tareG)}</span>}
        {jar.price === null ? null : <span className="reading mb-6 text-sm text-soft">{jar.price} apiece</span>}
        {changed ? (
          <Button type="submit" className="mb-6" disabled={busy}>
            Counted
          </Button>
        ) : null}
      </form>
    </li>
  );
}
