'use client';

import type { z } from 'zod';
import type { LabelUnsaid } from '@/core/blend';
import { findIngredient, ROLES } from '@/core/material';
import { sayMinutes } from '@/core/quantity';
import { CONTACT_WORDS, ROLE_WORDS } from '@/messages';
import { IngredientPicker } from '@/trade/ingredient-picker';
import { Button } from '@/ui/button';
import { SelectField, TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import { Tick } from '@/ui/tick';
import { catalogue } from '@/web/catalogue-here';
import { PhotoField } from '@/web/form/photo-field';
import { SheetForm } from '@/web/form/sheet-form';
import { type Form, useForm } from '@/web/form/use-form';
import { FOOD_WORDS, ReadyFields } from '../forms';
import { saveReady } from '../own-actions';

type Typed = z.input<typeof ReadyFields>;

const EMPTY: Typed = {
  name: '',
  declared: [],
  isAllDeclared: false,
  drying: 'unsaid',
  film: 'unsaid',
  isPaste: false,
  contact: 'unsaid',
  density: '',
  coverage: '',
  labelRule: '',
  role: '',
  shares: {},
  dwell: '',
  gap: '',
  coats: '',
  food: '',
  photo: '',
};

/** A bought finish that is written down already. */
export type KnownReady = {
  readonly id: number;
  readonly version: number;
  readonly name: string;
  readonly declared: readonly string[];
  readonly shares: Readonly<Record<string, number>>;
  readonly isAllDeclared: boolean;
  readonly drying: Typed['drying'];
  readonly isPaste: boolean;
  readonly contact: Typed['contact'];
  readonly densityGPerMl: number;
  readonly coverageM2PerL: number | null;
  readonly labelRule: string;
  readonly role: Typed['role'] | null;
  readonly labelDwellMin: number | null;
  readonly labelDwellMaxMin: number | null;
  readonly labelGapMin: number | null;
  readonly labelCoats: number | null;
  readonly labelFoodHours: number | null;
  readonly buildsFilm: boolean | null;
  readonly unsaid: readonly LabelUnsaid[];
  readonly photoHash: string | null;
};

const typedNumber = (value: number | null): string => (value === null ? '' : String(value));
const typedTime = (minutes: number | null): string => (minutes === null ? '' : sayMinutes(minutes));

/** What is known of a finish as it would be typed. */
const typedOf = (of: KnownReady): Typed => ({
  name: of.name,
  declared: [...of.declared],
  isAllDeclared: of.isAllDeclared,
  drying: of.unsaid.includes('drying') ? 'unsaid' : of.drying,
  film: of.buildsFilm === null ? 'unsaid' : of.buildsFilm ? 'yes' : 'no',
  isPaste: of.isPaste,
  contact: of.unsaid.includes('contact') ? 'unsaid' : of.contact,
  density: of.unsaid.includes('density') ? '' : String(of.densityGPerMl),
  coverage: typedNumber(of.coverageM2PerL),
  labelRule: of.labelRule,
  role: of.role ?? '',
  shares: Object.fromEntries(Object.entries(of.shares).map(([id, share]) => [id, String(Number((share * 100).toFixed(4)))])),
  dwell: [typedTime(of.labelDwellMin), typedTime(of.labelDwellMaxMin)].filter(Boolean).join(' to '),
  gap: typedTime(of.labelGapMin),
  coats: typedNumber(of.labelCoats),
  food: typedTime(of.labelFoodHours === null ? null : of.labelFoodHours * 60),
  photo: '',
});

/** A bought finish: what its label declares, what it does not say, and the label's own rule. */
export function ReadySheet({ of, open, onOpenChange }: { readonly of?: KnownReady } & Opened) {
  const form = useForm<Typed, { readonly id: number }>({
    schema: ReadyFields,
    start: of ? typedOf(of) : EMPTY,
    save: (label) => saveReady({ ...label, known: of ? { id: of.id, version: of.version } : null }),
    done: () => onOpenChange(false),
    keptAs: of ? `label ${of.id} ${of.version}` : 'label',
    stays: of !== undefined,
  });
  const ready = form.values;
  return (
    <SheetForm
      form={form}
      title={of ? `The label of ${of.name}` : 'A bought finish'}
      open={open}
      onOpenChange={onOpenChange}
      saves="Keep it"
      say="Used as it comes. What its maker does not declare is said on every screen and slip, and reckoned on the safe side."
    >
      <TextField label="What the shop calls it" {...form.field('name')} />
      <Declared form={form} />
      <Tick checked={ready.isAllDeclared} onChange={() => form.set('isAllDeclared', !ready.isAllDeclared)}>
        These are all its contents; the maker says so
      </Tick>
      <SelectField label="In the work it is" {...form.field('role')}>
        <option value="">not settled yet</option>
        {ROLES.map((role) => (
          <option key={role} value={role}>
            {ROLE_WORDS[role]}
          </option>
        ))}
      </SelectField>
      <Tick checked={ready.isPaste} onChange={() => form.set('isPaste', !ready.isPaste)}>
        A paste to rub in, not an oil to pour
      </Tick>
      <LabelFigures form={form} />
      <p className="text-sm text-soft">
        What the label says stands in place of the house’s figures: the plan, what it takes, its cost and its cure go by it. Leave
        empty what it does not say: it is then taken to dry, to heat its cloths and to be no finish for food, and a film that
        nobody ruled out stays off knives.
      </p>
      <TextField label="The label’s own words" {...form.field('labelRule')} hint="two thin coats a day apart, a week to cure" />
      <PhotoField
        label="A photo of its label"
        value={ready.photo}
        onChange={(photo) => form.set('photo', photo)}
        kept={of?.photoHash ?? null}
      />
    </SheetForm>
  );
}

type OfForm = { readonly form: Form<Typed> };

/** What the label declares, each with its share where that is said. */
function Declared({ form }: OfForm) {
  const ready = form.values;
  return (
    <>
      <IngredientPicker
        key={ready.declared.length}
        label="Its label declares"
        value=""
        onPick={(id) => (ready.declared.includes(id) ? undefined : form.set('declared', [...ready.declared, id]))}
      />
      <ul className="my-1 flex flex-col gap-1">
        {ready.declared.map((id) => (
          <li key={id} className="grid grid-cols-[minmax(0,1fr)_8rem] items-end gap-3">
            <Button
              look="plain"
              onClick={() =>
                form.set(
                  'declared',
                  ready.declared.filter((one) => one !== id),
                )
              }
              aria-label={`Take ${findIngredient(id, catalogue())?.name} off`}
            >
              {findIngredient(id, catalogue())?.name} ×
            </Button>
            <TextField label="Its share, %" {...form.field(`shares.${id}`)} hint="where it is said" inputMode="decimal" />
          </li>
        ))}
      </ul>
      {form.fault('declared') ? <p className="font-semibold text-late">▲ {form.fault('declared')}</p> : null}
    </>
  );
}

/** What the label says in figures. */
function LabelFigures({ form }: OfForm) {
  return (
    <div className="grid grid-cols-2 gap-x-4">
      <SelectField label="Does it dry?" {...form.field('drying')}>
        <option value="unsaid">it does not say</option>
        <option value="drying">it dries</option>
        <option value="never">it never dries</option>
      </SelectField>
      <SelectField label="Does it build a film?" {...form.field('film')}>
        <option value="unsaid">it does not say</option>
        <option value="no">no, it stays in the wood</option>
        <option value="yes">yes, a film on top</option>
      </SelectField>
      <SelectField label="The label says of food" {...form.field('contact')}>
        {FOOD_WORDS.map((contact) => (
          <option key={contact} value={contact}>
            {contact === 'unsaid' ? 'nothing' : CONTACT_WORDS[contact]}
          </option>
        ))}
      </SelectField>
      <TextField label="Grams in a millilitre" {...form.field('density')} hint="empty: by its contents" inputMode="decimal" />
      <TextField
        label="Coverage, m² a litre"
        {...form.field('coverage')}
        hint="of one coat, from the label"
        inputMode="decimal"
      />
      <TextField label="Leave it on" {...form.field('dwell')} hint="15 to 20 min; then it is wiped" />
      <TextField label="Between coats" {...form.field('gap')} hint="12 h" />
      <TextField label="Coats" {...form.field('coats')} hint="how many the label asks for" inputMode="numeric" />
      <TextField label="Until food may touch it" {...form.field('food')} hint="7 days" />
    </div>
  );
}
