'use client';

import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { Form } from '@/ui/form';
import { useForm } from '@/web/form/use-form';
import { saveNumbers } from '../actions';
import { NumberFields } from '../forms';

type Props = { readonly emergency: string; readonly poison: string; readonly version: number };

/** The numbers that are called where this shop stands: they differ from place to place, and nobody should look them up then. */
export function AidNumbers({ emergency, poison, version }: Props) {
  const form = useForm({
    schema: NumberFields,
    start: { emergency, poison },
    save: (said) => saveNumbers({ version, ...said }),
    keptAs: 'aid numbers',
    stays: true,
  });
  const isMissing = emergency === '' || poison === '';
  return (
    <Fold says={isMissing ? '▲ Enter the numbers that are called here' : 'Change the numbers'} open={isMissing} className="mt-2">
      <Form className="flex max-w-xl flex-wrap items-start gap-4" onSubmit={form.submit}>
        <TextField label="Emergency" {...form.field('emergency')} hint="112, 911, …" inputMode="tel" />
        <TextField label="Poison centre" {...form.field('poison')} hint="of your country or region" inputMode="tel" />
        <Button type="submit" className="mt-5" disabled={form.busy}>
          Keep
        </Button>
        <Faults of={form.faults} />
      </Form>
    </Fold>
  );
}
