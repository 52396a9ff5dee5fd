'use client';

import type { z } from 'zod';
import { ALLERGENS, factsLike, findIngredient, type Ingredient, isOwnMaterial, likeOf } from '@/core/material';
import { say } from '@/core/quantity';
import { CONTACT_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { ownSheet as wording } from '@/messages/screens/stores';
import { IngredientPicker } from '@/trade/ingredient-picker';
import { SelectField, TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import { Tick } from '@/ui/tick';
import { PhotoField } from '@/web/form/photo-field';
import { SheetForm } from '@/web/form/sheet-form';
import { type FormState, useForm } from '@/web/form/use-form';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { FOOD_WORDS, OwnFields } from '../forms';
import { saveOwn } from '../own-actions';

type Typed = z.input<typeof OwnFields>;

/** One of the shop's own that is written down already, as its last sheet has it. */
export type KnownOwn = {
  readonly id: string;
  readonly facts: Omit<ReturnType<typeof factsLike>, 'unsaid'> & { readonly unsaid: readonly string[] };
  readonly photoHash: string | null;
};

const degrees = (tempC: number | null): string => (tempC === null ? '' : say(tempC, '°C', reads(), 0));
const figure = (value: number | null): string => (value === null ? '' : String(value));

/** What is known of it as it would be typed; figures its sheet leaves out stay empty. */
function typedOf({ facts }: Pick<KnownOwn, 'facts'>, likeId: string): Typed {
  const lacks = (one: string): boolean => facts.unsaid.includes(one);
  return {
    likeId,
    name: facts.name,
    alsoCalled: facts.alsoCalled.join(', '),
    density: figure(facts.densityGPerMl),
    melts: degrees(facts.meltC),
    ceiling: lacks('ceiling') ? '' : degrees(facts.maxC),
    flash: lacks('flash') ? '' : degrees(facts.flashC),
    iodine: lacks('iodine') ? '' : figure(facts.iodineValue),
    leaves: figure(Number((facts.volatileFraction * 100).toFixed(4))),
    contact: lacks('contact') ? 'unsaid' : facts.contact,
    dries: facts.dries,
    keeps: figure(facts.shelfMonths),
    allergenWord: lacks('allergens') ? 'unsaid' : facts.allergens.length === 0 ? 'none' : 'these',
    allergens: facts.allergens.filter((one) => ALLERGENS.includes(one)),
    otherAllergens: facts.allergens.filter((one) => !ALLERGENS.includes(one)).join(', '),
    note: facts.note,
    photo: '',
  };
}

/** A sheet of one that is like another: its figures to be typed over. What makes it safe is never copied: its own sheet must say it. */
const likeTyped = (like: Ingredient, name: string): Typed => ({
  ...typedOf({ facts: { ...factsLike(like), name } }, like.id),
  contact: 'unsaid',
  allergenWord: 'unsaid',
});

const EMPTY: Typed = {
  likeId: '',
  name: '',
  alsoCalled: '',
  density: '',
  melts: '',
  ceiling: '',
  flash: '',
  iodine: '',
  leaves: '',
  contact: 'unsaid',
  dries: 'drying',
  keeps: '',
  allergenWord: 'unsaid',
  allergens: [],
  otherAllergens: '',
  note: '',
  photo: '',
};

/** An ingredient of the shop's own: copied from one that is like it, with what its sheet says. */
export function OwnSheet({ of, open, onOpenChange }: { readonly of?: KnownOwn } & Opened) {
  const form = useForm<Typed, { readonly id: string }>({
    schema: OwnFields,
    start: of ? typedOf(of, likeOf(of)) : EMPTY,
    save: (sheet) => saveOwn({ ...sheet, base: of?.id ?? null }),
    done: () => onOpenChange(false),
    keptAs: of ? `own ingredient ${of.id}` : 'own ingredient',
    stays: of !== undefined,
  });
  const sheet = form.values;
  const like = findIngredient(sheet.likeId, catalogue());
  const copy = (id: string): void => {
    const one = findIngredient(id, catalogue());
    if (!one || isOwnMaterial(id)) return;
    const copied = likeTyped(one, sheet.name);
    for (const name of Object.keys(copied) as (keyof Typed)[])
      if (name !== 'name' && name !== 'photo') form.set(name, copied[name]);
  };
  return (
    <SheetForm
      form={form}
      title={of ? wording.theSheetOf(of.facts.name) : wording.anIngredientOfYour}
      open={open}
      onOpenChange={onOpenChange}
      saves={shared.keepIt}
      say={wording.copiedFromOneThat}
      notYet={!like}
    >
      {of ? (
        <p className="text-soft">
          {wording.like}
          {like?.name.toLowerCase()}.
        </p>
      ) : (
        <IngredientPicker label={wording.itIsLike} value={sheet.likeId} onPick={copy} />
      )}
      {like ? <OwnFigures form={form} like={like} of={of} /> : null}
    </SheetForm>
  );
}

type FiguresProps = { readonly form: FormState<Typed>; readonly like: Ingredient; readonly of: KnownOwn | undefined };

function OwnFigures({ form, like, of }: FiguresProps) {
  const sheet = form.values;
  const asLike = like.allergens.length === 0 ? ('none' as const) : ('these' as const);
  const isSame = sheet.contact === like.contact && sheet.allergenWord === asLike;
  const same = (is: boolean): void => {
    form.set('contact', is ? like.contact : 'unsaid');
    form.set('allergenWord', is ? asLike : 'unsaid');
    form.set('allergens', [...like.allergens]);
  };
  return (
    <>
      <TextField label={wording.whatTheShopCalls} {...form.field('name')} />
      <TextField label={wording.alsoCalled} {...form.field('alsoCalled')} hint={wording.otherNamesItIs} />
      {of ? null : (
        <Tick checked={isSame} onChange={() => same(!isSame)}>
          {wording.itIsTheVery(like.name.toLowerCase())}
        </Tick>
      )}
      <div className="grid grid-cols-2 gap-x-4">
        <SelectField label={wording.itsSheetSaysOf} {...form.field('contact')}>
          {FOOD_WORDS.map((one) => (
            <option key={one} value={one}>
              {one === 'unsaid' ? wording.nothing : CONTACT_WORDS[one]}
            </option>
          ))}
        </SelectField>
        <SelectField label={wording.itsSheetSaysOfAllergens} {...form.field('allergenWord')}>
          <option value="unsaid">{wording.nothing}</option>
          <option value="none">{wording.thereAreNone}</option>
          <option value="these">{wording.thereAreThese}</option>
        </SelectField>
        <SelectField label={wording.byItselfIt} {...form.field('dries')}>
          <option value="drying">{wording.dries}</option>
          <option value="semi">{wording.driesByHalvesStays}</option>
          <option value="never">{wording.neverDries}</option>
        </SelectField>
        <TextField label={wording.gramsInAMillilitre} {...form.field('density')} inputMode="decimal" />
        <TextField label={wording.meltsAt} {...form.field('melts')} hint={wording.emptyLiquid} />
        <TextField label={wording.neverHotterThan} {...form.field('ceiling')} hint={wording.emptyAs(like.name.toLowerCase())} />
        <TextField label={wording.flashPoint} {...form.field('flash')} hint={wording.emptyNotSaid} />
        <TextField label={wording.iodineValue} {...form.field('iodine')} hint={wording.emptyItsClothsAre} inputMode="decimal" />
        <TextField label={wording.leavesAsItDries} {...form.field('leaves')} inputMode="decimal" />
        <TextField label={wording.keepsMonths} {...form.field('keeps')} inputMode="numeric" />
      </div>
      {sheet.allergenWord === 'these' ? (
        <fieldset>
          <legend className="label">{wording.allergensInIt}</legend>
          <div className="grid grid-cols-2 gap-x-4">
            {ALLERGENS.map((one) => (
              <Tick
                key={one}
                checked={sheet.allergens.includes(one)}
                onChange={() =>
                  form.set(
                    'allergens',
                    sheet.allergens.includes(one) ? sheet.allergens.filter((other) => other !== one) : [...sheet.allergens, one],
                  )
                }
              >
                {one}
              </Tick>
            ))}
          </div>
          <TextField label={wording.others} {...form.field('otherAllergens')} hint={wording.withCommas} />
        </fieldset>
      ) : null}
      <TextField label={wording.note} {...form.field('note')} />
      <p className="text-sm text-soft">{wording.theFiguresAreThose(like.name.toLowerCase())}</p>
      <PhotoField
        label={wording.aPhotoOfIts}
        value={sheet.photo}
        onChange={(photo) => form.set('photo', photo)}
        kept={of?.photoHash ?? null}
      />
    </>
  );
}
