'use client';

import { useState } from 'react';
import { CONTACTS, findIngredient, ROLES } from '@/core/material';
import { formatDuration } from '@/core/quantity';
import { CONTACT_WORDS, ROLE_WORDS } from '@/messages';
import { IngredientPicker } from '@/web/ingredient-picker';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults, SelectField, TextField } from '@/ui/field';
import { Tick } from '@/ui/tick';
import { useSave } from '@/web/use-save';
import { saveReady } from '../lot-actions';

const EMPTY = {
  name: '',
  declared: [] as readonly string[],
  isAllDeclared: false,
  drying: 'drying',
  isPaste: false,
  contact: 'once-cured',
  density: '0.9',
  coverage: '',
  labelRule: '',
  role: 'oil-wax',
  shares: {} as Readonly<Record<string, string>>,
  dwell: '',
  gap: '',
  coats: '',
  food: '',
};

/** A bought finish that is written down already. */
export type KnownReady = {
  readonly id: number;
  readonly version: number;
  readonly name: string;
  readonly declared: readonly string[];
  readonly shares: Readonly<Record<string, number>>;
  readonly isAllDeclared: boolean;
  readonly drying: string;
  readonly isPaste: boolean;
  readonly contact: string;
  readonly densityGPerMl: number;
  readonly coverageM2PerL: number | null;
  readonly labelRule: string;
  readonly role: string | null;
  readonly labelDwellMin: number | null;
  readonly labelDwellMaxMin: number | null;
  readonly labelGapMin: number | null;
  readonly labelCoats: number | null;
  readonly labelFoodHours: number | null;
};

const typedNumber = (value: number | null): string => (value === null ? '' : String(value));
const typedTime = (minutes: number | null): string => (minutes === null ? '' : formatDuration(minutes));

/** What is known of a finish as it would be typed. */
const typedOf = (of: KnownReady): typeof EMPTY => ({
  name: of.name,
  declared: of.declared,
  isAllDeclared: of.isAllDeclared,
  drying: of.drying,
  isPaste: of.isPaste,
  contact: of.contact,
  density: String(of.densityGPerMl),
  coverage: typedNumber(of.coverageM2PerL),
  labelRule: of.labelRule,
  role: of.role ?? EMPTY.role,
  shares: Object.fromEntries(Object.entries(of.shares).map(([id, share]) => [id, String(Number((share * 100).toFixed(4)))])),
  dwell: [typedTime(of.labelDwellMin), typedTime(of.labelDwellMaxMin)].filter(Boolean).join(' to '),
  gap: typedTime(of.labelGapMin),
  coats: typedNumber(of.labelCoats),
  food: typedTime(of.labelFoodHours === null ? null : of.labelFoodHours * 60),
});

/** A bought finish: what its label declares, what it does not say, and the label's own rule. */
export function ReadySheet({ of }: { readonly of?: KnownReady }) {
  const first = of ? typedOf(of) : EMPTY;
  const [open, setOpen] = useState(false);
  const [ready, setReady] = useState(first);
  const { busy, faults, rest, run } = useSave<{ readonly id: number }>();
  const set = (change: Partial<typeof EMPTY>): void => setReady((now) => ({ ...now, ...change }));
  return (
    <>
      <Button
        onClick={() => {
          if (of) setReady(first);
          setOpen(true);
        }}
      >
        {of ? 'Put its label right' : 'A bought finish'}
      </Button>
      <Sheet
        title={of ? `The label of ${of.name}` : 'A bought finish'}
        open={open}
        onOpenChange={setOpen}
        say="Used as it comes. What its maker does not declare is said on every screen and slip, and reckoned on the safe side."
      >
        <form
          className="flex flex-col gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            void run(
              () => saveReady({ ...ready, known: of ? { id: of.id, version: of.version } : null }),
              () => {
                setReady(first);
                setOpen(false);
              },
            );
          }}
        >
          <TextField
            label="What the shop calls it"
            value={ready.name}
            onChange={(event) => set({ name: event.target.value })}
            fault={faults.name}
            required
          />
          <IngredientPicker
            key={ready.declared.length}
            label="Its label declares"
            value=""
            onPick={(id) => (ready.declared.includes(id) ? undefined : set({ declared: [...ready.declared, id] }))}
          />
          <ul className="my-1 flex flex-col gap-1">
            {ready.declared.map((id) => (
              <li key={id} className="grid grid-cols-[minmax(0,1fr)_8rem] items-end gap-3">
                <Button
                  look="plain"
                  onClick={() => set({ declared: ready.declared.filter((one) => one !== id) })}
                  aria-label={`Take ${findIngredient(id)?.name} off`}
                >
                  {findIngredient(id)?.name} ×
                </Button>
                <TextField
                  label="Its share, %"
                  value={ready.shares[id] ?? ''}
                  onChange={(event) => set({ shares: { ...ready.shares, [id]: event.target.value } })}
                  fault={faults[`shares.${id}`]}
                  hint="where it is said"
                  inputMode="decimal"
                />
              </li>
            ))}
          </ul>
          {faults.declared ? <p className="font-semibold text-late">▲ {faults.declared}</p> : null}
          <Tick checked={ready.isAllDeclared} onChange={() => set({ isAllDeclared: !ready.isAllDeclared })}>
            These are all its contents; the maker says so
          </Tick>
          <SelectField label="In the work it is" value={ready.role} onChange={(event) => set({ role: event.target.value })}>
            {ROLES.map((role) => (
              <option key={role} value={role}>
                {ROLE_WORDS[role]}
              </option>
            ))}
          </SelectField>
          <Tick checked={ready.isPaste} onChange={() => set({ isPaste: !ready.isPaste })}>
            A paste to rub in, not an oil to pour
          </Tick>
          <div className="grid grid-cols-2 gap-x-4">
            <SelectField label="It" value={ready.drying} onChange={(event) => set({ drying: event.target.value })}>
              <option value="drying">dries</option>
              <option value="never">never dries</option>
            </SelectField>
            <SelectField
              label="The label says of food"
              value={ready.contact}
              onChange={(event) => set({ contact: event.target.value })}
            >
              {CONTACTS.map((contact) => (
                <option key={contact} value={contact}>
                  {CONTACT_WORDS[contact]}
                </option>
              ))}
            </SelectField>
            <TextField
              label="Grams in a millilitre"
              value={ready.density}
              onChange={(event) => set({ density: event.target.value })}
              fault={faults.density}
              hint="weigh 100 ml, divide by 100"
              inputMode="decimal"
            />
            <TextField
              label="Coverage, m² a litre"
              value={ready.coverage}
              onChange={(event) => set({ coverage: event.target.value })}
              fault={faults.coverage}
              hint="of one coat, from the label"
              inputMode="decimal"
            />
            <TextField
              label="Leave it on"
              value={ready.dwell}
              onChange={(event) => set({ dwell: event.target.value })}
              fault={faults.dwell}
              hint="15 to 20 min; then it is wiped"
            />
            <TextField
              label="Between coats"
              value={ready.gap}
              onChange={(event) => set({ gap: event.target.value })}
              fault={faults.gap}
              hint="12 h"
            />
            <TextField
              label="Coats"
              value={ready.coats}
              onChange={(event) => set({ coats: event.target.value })}
              fault={faults.coats}
              hint="how many the label asks for"
              inputMode="numeric"
            />
            <TextField
              label="Until food may touch it"
              value={ready.food}
              onChange={(event) => set({ food: event.target.value })}
              fault={faults.food}
              hint="7 days"
            />
          </div>
          <p className="text-sm text-soft">
            What the label says stands in place of the house’s figures: the plan, what it takes, its cost and its cure go by it.
            Leave empty what it does not say.
          </p>
          <TextField
            label="The label’s own words"
            value={ready.labelRule}
            onChange={(event) => set({ labelRule: event.target.value })}
            hint="two thin coats a day apart, a week to cure"
          />
          <Faults
            of={rest([
              'name',
              'declared',
              'density',
              'coverage',
              'dwell',
              'gap',
              'coats',
              'food',
              ...ready.declared.map((id) => `shares.${id}`),
            ])}
          />
          <Button look="main" big type="submit" disabled={busy}>
            Keep it
          </Button>
        </form>
      </Sheet>
    </>
  );
}
