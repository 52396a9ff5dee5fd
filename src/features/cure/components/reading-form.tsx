'use client';

import { parseHumidity, parseTemperature, say } from '@/core/quantity';
import { readingForm as wording } from '@/messages/screens/cure';
import { shared } from '@/messages/screens/shared';
import { Button } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { Form } from '@/ui/form';
import { freshId } from '@/ui/id';
import { useForm } from '@/web/form/use-form';
import { reads } from '@/web/here';
import { saveReading } from '../actions';
import { ReadingFields } from '../forms';

type Props = {
  readonly places: readonly { readonly id: number; readonly name: string }[];
  readonly at: number;
};

/** A room reading, typed. */
export function ReadingForm({ places, at }: Props) {
  const form = useForm({
    schema: ReadingFields,
    start: { placeId: at, temp: '', rh: '' },
    save: (reading) => saveReading({ clientId: freshId(), ...reading }),
    // The place stays chosen for the next one.
    begins: ({ placeId: last }) => ({ placeId: last, temp: '', rh: '' }),
    keptAs: `reading ${at}`,
  });
  const { placeId, temp, rh } = form.values;
  const [readTemp, readRh] = [parseTemperature(temp, reads()), parseHumidity(rh)];
  return (
    <Form onSubmit={form.submit}>
      <h2 className="mb-1">{wording.readTheRoom}</h2>
      <div className="grid grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)_minmax(0,1fr)_auto] items-start gap-3">
        <SelectField
          label={wording.place}
          {...form.field('placeId')}
          value={placeId}
          onChange={(event) => form.set('placeId', Number(event.target.value))}
        >
          {places.map((place) => (
            <option key={place.id} value={place.id}>
              {place.name}
            </option>
          ))}
        </SelectField>
        <TextField
          label={wording.temperature}
          hint="18.5, 65F"
          echo={readTemp.ok ? say(readTemp.value, '°C', reads()) : null}
          {...form.field('temp')}
        />
        <TextField
          label={wording.humidity}
          hint="55 %"
          echo={readRh.ok ? say(readRh.value, 'fraction', reads()) : null}
          {...form.field('rh')}
        />
        <Button type="submit" className="mt-5" disabled={form.busy}>
          {shared.read}
        </Button>
      </div>
      <Faults of={form.faults} />
    </Form>
  );
}
