'use client';

import { type Reads, say } from '@/core/quantity';
import { Button } from '@/ui/button';
import { Faults, SelectField } from '@/ui/field';
import { Form } from '@/ui/form';
import { useForm } from '@/web/form/use-form';
import { saveReads } from '../actions';
import { ReadsFields } from '../forms';

/** The units that scale, jug, thermometer and rule show; nothing that is kept changes, and a unit that is typed always counts. */
export function ReadsForm({ reads }: { readonly reads: Reads }) {
  const form = useForm({ schema: ReadsFields, start: reads, save: saveReads, keptAs: 'reads', stays: true });
  return (
    <Form className="max-w-xl" onSubmit={form.submit}>
      <div className="grid grid-cols-2 gap-x-4">
        <SelectField label="The scale shows" {...form.field('mass')}>
          <option value="g">grams, kilograms</option>
          <option value="oz">ounces, pounds</option>
        </SelectField>
        <SelectField label="The jug shows" {...form.field('volume')}>
          <option value="ml">millilitres, litres</option>
          <option value="us">US fluid ounces, gallons</option>
          <option value="imperial">imperial fluid ounces, gallons</option>
        </SelectField>
        <SelectField label="The thermometer shows" {...form.field('temperature')}>
          <option value="C">°C</option>
          <option value="F">°F</option>
        </SelectField>
        <SelectField label="The rule shows" {...form.field('length')}>
          <option value="mm">millimetres</option>
          <option value="in">inches</option>
        </SelectField>
      </div>
      <p className="mb-2 text-soft">
        So a pot reads {say(900, 'g', reads)}, {say(1000, 'ml', reads)}, {say(68, '°C', reads)}, a board {say(420, 'mm', reads)}.
        A number typed without a unit is taken in these; a unit that is typed always counts. What is kept and what is exchanged
        stays in grams, millilitres, °C and millimetres.
      </p>
      <Faults of={form.faults} />
      <Button type="submit" disabled={form.busy}>
        Read in these
      </Button>
    </Form>
  );
}
