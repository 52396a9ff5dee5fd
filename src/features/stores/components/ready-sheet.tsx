'use client';

import type { z } from 'zod';
import type { LabelUnsaid } from '@/core/blend';
import { findIngredient, ROLES } from '@/core/material';
import { sayMinutes } from '@/core/quantity';
import { CONTACT_WORDS, ROLE_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { readySheet as wording } from '@/messages/screens/stores';
import { IngredientPicker } from '@/trade/ingredient-picker';
import { Button } from '@/ui/button';
import { SelectField, TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import { Tick } from '@/ui/tick';
import { PhotoField } from '@/web/form/photo-field';
import { SheetForm } from '@/web/form/sheet-form';
import { type FormState, useForm } from '@/web/form/use-form';
import { catalogue } from '@/web/here-catalogue';
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
      title={of ? wording.theLabelOf(of.name) : wording.aBoughtFinish}
      open={open}
      onOpenChange={onOpenChange}
      saves={shared.keepIt}
      say={wording.usedAsItComes}
    >
      <TextField label={wording.whatTheShopCalls} {...form.field('name')} />
      <Declared form={form} />
      <Tick checked={ready.isAllDeclared} onChange={() => form.set('isAllDeclared', !ready.isAllDeclared)}>
        {wording.theseAreAllIts}
      </Tick>
      <SelectField label={wording.inTheWorkIt} {...form.field('role')}>
        <option value="">{wording.notSettledYet}</option>
        {ROLES.map((role) => (
          <option key={role} value={role}>
            {ROLE_WORDS[role]}
          </option>
        ))}
      </SelectField>
      <Tick checked={ready.isPaste} onChange={() => form.set('isPaste', !ready.isPaste)}>
        {wording.aPasteToRub}
      </Tick>
      <LabelFigures form={form} />
      <p className="text-sm text-soft">{wording.whatTheLabelSays}</p>
      <TextField label={wording.theLabelsOwnWords} {...form.field('labelRule')} hint={wording.twoThinCoatsA} />
      <PhotoField
        label={wording.aPhotoOfIts}
        value={ready.photo}
        onChange={(photo) => form.set('photo', photo)}
        kept={of?.photoHash ?? null}
      />
    </SheetForm>
  );
}

type OfForm = { readonly form: FormState<Typed> };

/** What the label declares, each with its share where that is said. */
function Declared({ form }: OfForm) {
  const ready = form.values;
  return (
    <>
      <IngredientPicker
        key={ready.declared.length}
        label={wording.itsLabelDeclares}
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
              aria-label={wording.takeOff(findIngredient(id, catalogue())?.name)}
            >
              {findIngredient(id, catalogue())?.name} ×
            </Button>
            <TextField
              label={wording.itsShare}
              {...form.field(`shares.${id}`)}
              hint={wording.whereItIsSaid}
              inputMode="decimal"
            />
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
      <SelectField label={wording.doesItDry} {...form.field('drying')}>
        <option value="unsaid">{wording.itDoesNotSay}</option>
        <option value="drying">{wording.itDries}</option>
        <option value="never">{wording.itNeverDries}</option>
      </SelectField>
      <SelectField label={wording.doesItBuildA} {...form.field('film')}>
        <option value="unsaid">{wording.itDoesNotSay}</option>
        <option value="no">{wording.noItStaysIn}</option>
        <option value="yes">{wording.yesAFilmOn}</option>
      </SelectField>
      <SelectField label={wording.theLabelSaysOf} {...form.field('contact')}>
        {FOOD_WORDS.map((contact) => (
          <option key={contact} value={contact}>
            {contact === 'unsaid' ? wording.nothing : CONTACT_WORDS[contact]}
          </option>
        ))}
      </SelectField>
      <TextField
        label={wording.gramsInAMillilitre}
        {...form.field('density')}
        hint={wording.emptyByItsContents}
        inputMode="decimal"
      />
      <TextField label={wording.coverageMALitre} {...form.field('coverage')} hint={wording.ofOneCoatFrom} inputMode="decimal" />
      <TextField label={wording.leaveItOn} {...form.field('dwell')} hint={wording.toMinThenIt} />
      <TextField label={wording.betweenCoats} {...form.field('gap')} hint="12 h" />
      <TextField label={shared.coats} {...form.field('coats')} hint={wording.howManyTheLabel} inputMode="numeric" />
      <TextField label={wording.untilFoodMayTouch} {...form.field('food')} hint={wording.days} />
    </div>
  );
}
