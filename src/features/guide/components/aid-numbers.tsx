'use client';

import { aidNumbers as wording } from '@/messages/screens/guide';
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
    <Fold says={isMissing ? wording.enterTheNumbersThat : wording.changeTheNumbers} open={isMissing} className="mt-2">
      <Form className="flex max-w-xl flex-wrap items-start gap-4" onSubmit={form.submit}>
        <TextField label={wording.emergency} {...form.field('emergency')} hint="112, 911, …" inputMode="tel" />
        <TextField label={wording.poisonCentre} {...form.field('poison')} hint={wording.ofYourCountryOr} inputMode="tel" />
        <Button type="submit" className="mt-5" disabled={form.busy}>
          {wording.keep}
        </Button>
        <Faults of={form.faults} />
      </Form>
    </Fold>
  );
}
