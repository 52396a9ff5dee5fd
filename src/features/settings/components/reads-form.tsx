'use client';

import { type Reads, say } from '@/core/quantity';
import { readsForm as wording } from '@/messages/screens/settings';
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
        <SelectField label={wording.theScaleShows} {...form.field('mass')}>
          <option value="g">{wording.gramsKilograms}</option>
          <option value="oz">{wording.ouncesPounds}</option>
        </SelectField>
        <SelectField label={wording.theJugShows} {...form.field('volume')}>
          <option value="ml">{wording.millilitresLitres}</option>
          <option value="us">{wording.usFluidOuncesGallons}</option>
          <option value="imperial">{wording.imperialFluidOuncesGallons}</option>
        </SelectField>
        <SelectField label={wording.theThermometerShows} {...form.field('temperature')}>
          <option value="C">°C</option>
          <option value="F">°F</option>
        </SelectField>
        <SelectField label={wording.theRuleShows} {...form.field('length')}>
          <option value="mm">{wording.millimetres}</option>
          <option value="in">{wording.inches}</option>
        </SelectField>
      </div>
      <p className="mb-2 text-soft">
        {wording.soAPotReads(say(900, 'g', reads), say(1000, 'ml', reads), say(68, '°C', reads), say(420, 'mm', reads))}
      </p>
      <Faults of={form.faults} />
      <Button type="submit" disabled={form.busy}>
        {wording.readInThese}
      </Button>
    </Form>
  );
}
