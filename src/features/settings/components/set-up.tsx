'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { setUp as wording } from '@/messages/screens/settings';
import { shared } from '@/messages/screens/shared';
import { Button } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { Form } from '@/ui/form';
import { useForm } from '@/web/form/use-form';
import { useSave } from '@/web/use-save';
import { openDemo, setUp } from '../actions';
import { NewShopFields } from '../forms';
import { HoursFields } from './hours-fields';

const USUAL = ['08:30-17:30', '08:30-17:30', '08:30-17:30', '08:30-17:30', '08:30-17:30', '', ''];

type Choice = { readonly value: string; readonly name: string };
type Props = {
  readonly zones: readonly string[];
  readonly currencies: readonly Choice[];
  /** The zone of the machine the shop runs on; the device that opens it may stand in another. */
  readonly guess: string;
};

/** The zone this device says it is in, where it is one that is known. */
function deviceZone(zones: readonly string[]): string | null {
  const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
  return zones.includes(own) ? own : null;
}

/** The first screen of an empty file: the shop's name, hours and people, or the demo shed. */
export function SetUp({ zones, currencies, guess }: Props) {
  const router = useRouter();
  const there = (): void => router.push('/');
  const form = useForm({
    schema: NewShopFields,
    start: {
      name: '',
      zone: guess,
      currency: 'EUR',
      people: [{ initials: '', name: '' }],
      hours: USUAL,
      units: 'metric' as const,
    },
    save: setUp,
    done: there,
    keptAs: 'set-up',
  });
  const { set } = form;
  const isGuess = form.values.zone === guess;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when the page has come; what is typed afterwards stands
  useEffect(() => {
    const own = isGuess ? deviceZone(zones) : null;
    if (own !== null && own !== guess) set('zone', own);
  }, []);
  const demo = useSave();
  const { people, hours } = form.values;
  return (
    <Form className="flex flex-col gap-2" onSubmit={form.submit}>
      <TextField label={wording.nameOfTheShop} {...form.field('name')} />
      <div className="grid grid-cols-[2fr_1fr] gap-4">
        <TextField label={wording.timeZone} hint={wording.asThisDeviceHas} list="zones" {...form.field('zone')} />
        <SelectField label={wording.currency} {...form.field('currency')}>
          {currencies.map((one) => (
            <option key={one.value} value={one.value}>
              {one.name}
            </option>
          ))}
        </SelectField>
        <datalist id="zones">
          {zones.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      </div>
      <SelectField label={wording.scaleJugThermometerAnd} {...form.field('units')}>
        <option value="metric">{wording.gramsMillilitresCMillimetres}</option>
        <option value="us">{wording.ouncesAndPoundsUs}</option>
        <option value="imperial">{wording.ouncesAndPoundsImperial}</option>
      </SelectField>
      <fieldset>
        <legend className="label">{wording.peopleOfTheShop}</legend>
        {people.map((_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows are only added at the end
          <div key={i} className="grid grid-cols-[6rem_1fr] gap-4">
            <TextField label={wording.initials} maxLength={4} {...form.field(`people.${i}.initials`)} />
            <TextField label={shared.name} {...form.field(`people.${i}.name`)} />
          </div>
        ))}
        <Button onClick={() => form.set('people', [...people, { initials: '', name: '' }])}>{wording.anotherPerson}</Button>
      </fieldset>
      <HoursFields value={hours} onChange={(next) => form.set('hours', [...next])} />
      <Faults of={[...form.faults, ...demo.rest([])]} />
      <div className="mt-2 flex flex-wrap gap-3">
        <Button look="main" big type="submit" disabled={form.busy}>
          {wording.openTheShop}
        </Button>
        <Button big disabled={demo.busy} onClick={() => void demo.run(() => openDemo(), there)}>
          {wording.lookAtTheDemo}
        </Button>
      </div>
    </Form>
  );
}
