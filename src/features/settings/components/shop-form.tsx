'use client';

import { useState } from 'react';
import { hoursText, type Opening } from '@/core/plan';
import { shopForm as wording } from '@/messages/screens/settings';
import { shared } from '@/messages/screens/shared';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { Form } from '@/ui/form';
import { useYear } from '@/ui/zone';
import { useForm } from '@/web/form/use-form';
import { savePerson, saveShop } from '../actions';
import { PersonFields, ShopFields as ShopFacts } from '../forms';
import { HoursFields } from './hours-fields';

type Facts = {
  readonly version: number;
  readonly name: string;
  readonly zone: string;
  readonly baseAddress: string;
  readonly ambient: string;
  readonly currency: string;
  readonly hour: string;
  readonly slip: string;
};

type FormProps = { readonly facts: Facts; readonly hours: readonly Opening[]; readonly closed: readonly string[] };

/** The shop's own facts: hours, closed days, the address its codes lead to. They are read anew when they changed; that they were kept stays said. */
export function ShopForm(props: FormProps) {
  const [kept, setKept] = useState(false);
  return <ShopFields key={props.facts.version} {...props} kept={kept} onKept={setKept} />;
}

type FieldsProps = FormProps & { readonly kept: boolean; readonly onKept: (kept: boolean) => void };

function ShopFields({ facts, hours, closed, kept, onKept: setKept }: FieldsProps) {
  const year = useYear();
  const { version, currency, ...known } = facts;
  const form = useForm({
    schema: ShopFacts,
    start: { ...known, hours: hoursText(hours), closed: closed.join(', ') },
    save: (shop) => saveShop({ version, ...shop }),
    done: () => setKept(true),
    keptAs: 'shop',
    stays: true,
  });
  return (
    <Form
      className="flex max-w-xl flex-col gap-2"
      onSubmit={() => {
        setKept(false);
        form.submit();
      }}
    >
      <TextField label={shared.name} {...form.field('name')} />
      <div className="grid grid-cols-2 gap-4">
        <TextField label={wording.timeZone} {...form.field('zone')} />
        <TextField label={wording.usualTemperatureOfThe} hint={wording.feelIsReckonedFor} {...form.field('ambient')} />
      </div>
      <TextField
        label={wording.publicBaseAddress}
        placeholder={wording.noneYet}
        hint={wording.httpsCodesOnSlips}
        {...form.field('baseAddress')}
      />
      <div className="grid grid-cols-2 gap-4">
        <TextField
          label={wording.anHourOfHands(currency)}
          inputMode="decimal"
          hint={wording.emptyNotReckoned}
          {...form.field('hour')}
        />
        <TextField label={wording.aPrintedSlipCosts(currency)} inputMode="decimal" {...form.field('slip')} />
      </div>
      <HoursFields value={form.values.hours} onChange={(next) => form.set('hours', [...next])} />
      <TextField label={wording.closedDays} hint={`${year}-12-24, ${year}-12-25`} {...form.field('closed')} />
      <Faults of={form.faults} />
      <div className="flex items-center gap-4">
        <Button look="main" big type="submit" disabled={form.busy}>
          {wording.keep}
        </Button>
        <span role="status" className="font-semibold text-fit">
          {kept ? wording.kept : ''}
        </span>
      </div>
    </Form>
  );
}

/** One more person who works here. */
export function AddPerson() {
  const form = useForm({ schema: PersonFields, start: { initials: '', name: '' }, save: savePerson, keptAs: 'person' });
  return (
    <Form className="grid max-w-xl grid-cols-[6rem_1fr_auto] items-start gap-4" onSubmit={form.submit}>
      <TextField label={wording.initials} maxLength={4} {...form.field('initials')} />
      <TextField label={shared.name} {...form.field('name')} fault={form.fault('name') ?? form.faults[0]} />
      <Button type="submit" className="mt-5" disabled={form.busy}>
        {shared.add}
      </Button>
    </Form>
  );
}
