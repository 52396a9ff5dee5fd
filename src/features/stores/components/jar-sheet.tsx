'use client';

import { TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { saveJar } from '../actions';
import { JarFields } from '../forms';

const EMPTY = { name: '', capacity: '', fill: '92', have: '', tare: '', price: '' };

/** A size of jar or tin that is there to be filled. */
export function JarSheet({ open, onOpenChange }: Opened) {
  const form = useForm({ schema: JarFields, start: EMPTY, save: saveJar, done: () => onOpenChange(false), keptAs: 'jar' });
  return (
    <SheetForm form={form} title="A size of jar or tin" open={open} onOpenChange={onOpenChange} saves="Put it in the stores">
      <TextField label="Name" hint="Tin 60 ml" {...form.field('name')} />
      <TextField label="Holds to the brim" hint="60 ml, 2 fl oz" {...form.field('capacity')} />
      <TextField label="Filled to (percent of the brim)" inputMode="decimal" {...form.field('fill')} />
      <TextField label="How many there are" inputMode="numeric" {...form.field('have')} />
      <TextField label="Empty, with its lid" hint="21 g; for the true net mass" {...form.field('tare')} />
      <TextField label="Costs apiece" inputMode="decimal" {...form.field('price')} />
    </SheetForm>
  );
}
