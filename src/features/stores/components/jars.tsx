'use client';

import { useState } from 'react';
import { say } from '@/core/quantity';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/field';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { saveJar, saveJarCount } from '../actions';
import { JarCountFields, JarFields } from '../forms';

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
  const form = useForm({ schema: JarFields, start: EMPTY, save: saveJar, done: () => setOpen(false), keptAs: 'jar' });
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
      <SheetForm form={form} title="A size of jar or tin" open={open} onOpenChange={setOpen} saves="Put it in the stores">
        <TextField label="Name" hint="Tin 60 ml" {...form.field('name')} />
        <TextField label="Holds to the brim" hint="60 ml, 2 fl oz" {...form.field('capacity')} />
        <TextField label="Filled to (percent of the brim)" inputMode="decimal" {...form.field('fill')} />
        <TextField label="How many there are" inputMode="numeric" {...form.field('have')} />
        <TextField label="Empty, with its lid" hint="21 g; for the true net mass" {...form.field('tare')} />
        <TextField label="Costs apiece" inputMode="decimal" {...form.field('price')} />
      </SheetForm>
    </div>
  );
}

function JarCount({ jar }: { readonly jar: Jar }) {
  const form = useForm({
    schema: JarCountFields,
    start: { have: String(jar.have) },
    save: ({ have }) => saveJarCount({ id: jar.id, have, version: jar.version }),
    keptAs: `jars ${jar.id}`,
  });
  const changed = form.values.have !== String(jar.have);
  return (
    <li>
      <form noValidate className="flex items-end gap-2" onSubmit={form.submit}>
        <TextField
          className="w-40"
          label={`${jar.name}, ${say(jar.capacityMl * jar.fillFraction, 'ml')} filled`}
          inputMode="numeric"
          {...form.field('have')}
          fault={form.fault('have') ?? form.faults[0]}
        />
        {jar.tareG === null ? null : <span className="reading mb-6 text-sm text-soft">empty {say(jar.tareG, 'g')}</span>}
        {jar.price === null ? null : <span className="reading mb-6 text-sm text-soft">{jar.price} apiece</span>}
        {changed ? (
          <Button type="submit" className="mb-6" disabled={form.busy}>
            Counted
          </Button>
        ) : null}
      </form>
    </li>
  );
}
