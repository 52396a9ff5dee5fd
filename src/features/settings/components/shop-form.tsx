'use client';

import { useState } from 'react';
import type { Opening } from '@/core/plan';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { savePerson, saveShop } from '../actions';
import { useSave } from '@/web/use-save';
import { HoursFields, hoursText, readHours } from './hours-fields';

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
  const [shop, setShop] = useState(facts);
  const [text, setText] = useState(hoursText(hours));
  const [days, setDays] = useState(closed.join(', '));
  const { busy, faults, rest, run } = useSave();
  const read = readHours(text);
  const set = (field: keyof Facts) => (event: { readonly target: { readonly value: string } }) =>
    setShop({ ...shop, [field]: event.target.value });
  return (
    <form
      className="flex max-w-xl flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        setKept(false);
        const dates = days.split(/[,\s]+/).filter(Boolean);
        if (read.bad.length === 0) {
          void run(
            () => saveShop({ ...shop, hours: read.hours, closed: dates }),
            () => {
              setShop({ ...shop, version: shop.version + 1 });
              setKept(true);
            },
          );
        }
      }}
    >
      <TextField label="Name" value={shop.name} onChange={set('name')} fault={faults.name} />
      <div className="grid grid-cols-2 gap-4">
        <TextField label="Time zone" value={shop.zone} onChange={set('zone')} fault={faults.zone} />
        <TextField
          label="Usual temperature of the shop"
          value={shop.ambient}
          onChange={set('ambient')}
          fault={faults.ambient}
          hint="feel is reckoned for it"
        />
      </div>
      <TextField
        label="Public base address"
        value={shop.baseAddress}
        onChange={set('baseAddress')}
        placeholder="none yet"
        hint="https://…; codes on slips lead to it. Leave empty until it answers."
        fault={faults.baseAddress}
      />
      <div className="grid grid-cols-2 gap-4">
        <TextField
          label={`An hour of hands costs (${shop.currency})`}
          inputMode="decimal"
          value={shop.hour}
          onChange={set('hour')}
          fault={faults.hour}
          hint="empty: not reckoned"
        />
        <TextField
          label={`A printed slip costs (${shop.currency})`}
          inputMode="decimal"
          value={shop.slip}
          onChange={set('slip')}
          fault={faults.slip}
        />
      </div>
      <HoursFields value={text} onChange={setText} />
      <TextField
        label="Closed days"
        value={days}
        onChange={(event) => setDays(event.target.value)}
        hint="2031-12-24, 2031-12-25"
        fault={Object.entries(faults).find(([path]) => path.startsWith('closed'))?.[1]}
      />
      <Faults
        of={rest(['name', 'zone', 'ambient', 'baseAddress', 'hour', 'slip']).filter(
          (text_) => !Object.entries(faults).some(([path, said]) => path.startsWith('closed') && said === text_),
        )}
      />
      <div className="flex items-center gap-4">
        <Button look="main" big type="submit" disabled={busy}>
          Keep
        </Button>
        <span role="status" className="font-semibold text-fit">
          {kept ? 'Kept.' : ''}
        </span>
      </div>
    </form>
  );
}

/** One more person who works here. */
export function AddPerson() {
  const [initials, setInitials] = useState('');
  const [name, setName] = useState('');
  const { busy, faults, rest, run } = useSave();
  return (
    <form
      className="grid max-w-xl grid-cols-[6rem_1fr_auto] items-start gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void run(
          () => savePerson({ initials, name }),
          () => {
            setInitials('');
            setName('');
          },
        );
      }}
    >
      <TextField
        label="Initials"
        value={initials}
        maxLength={4}
        onChange={(event) => setInitials(event.target.value)}
        fault={faults.initials}
        required
      />
      <TextField
        label="Name"
        value={name}
        onChange={(event) => setName(event.target.value)}
        fault={faults.name ?? rest(['initials', 'name'])[0]}
        required
      />
      <Button type="submit" className="mt-5" disabled={busy}>
        Add
      </Button>
    </form>
  );
}
