'use client';

import type { z } from 'zod';
import { FOOD_VERDICTS, PIECE_USES } from '@/core/material';
import { ADDED } from '@/core/use';
import { ADDED_WORDS, USE_WORDS, VERDICT_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { woodMore as wording } from '@/messages/screens/start';
import { Button } from '@/ui/button';
import { SelectField, TextField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { type Opened, onOpen } from '@/ui/on-open';
import { Tick } from '@/ui/tick';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { saveWood } from '../actions';
import { OwnWoodTyped } from '../forms';
import type { OwnWood, Start, StartProps } from './use-start';

const GLUE_FOOD = {
  unknown: 'nobody asked its maker',
  yes: 'its maker’s paper says food',
  no: 'its maker says not for food',
} as const;

type Props = Pick<StartProps, 'species'> & Pick<Start, 'form'>;

/** Other woods in the same piece, what holds them together, and when the blanks were cut. */
export function WoodMore({ species, form }: Props) {
  const { alsoWoods, glueName, added, roughOn } = form.values;
  const names = alsoWoods.flatMap((id) => species.filter((one) => one.id === id).map((one) => one.name.toLowerCase()));
  const said = [
    names.length > 0 ? wording.withWord(names.join(' and ')) : '',
    glueName.trim() === '' ? '' : wording.gluedWith(glueName.trim()),
    added.map((one) => ADDED_WORDS[one]).join(', '),
    roughOn === '' ? '' : `rough-cut ${roughOn}`,
  ].filter(Boolean);
  return (
    <Fold says={said.join(', ') || wording.severalWoodsGlueFiller} className="mb-3">
      <SelectField
        label={wording.alsoOf}
        value=""
        onChange={(event) => {
          const id = event.target.value;
          if (id !== '' && !alsoWoods.includes(id)) form.set('alsoWoods', [...alsoWoods, id]);
        }}
        hint={wording.theStrictestWoodCounts}
      >
        <option value="">{wording.chooseAnotherWood}</option>
        {species
          .filter((one) => one.id !== form.values.speciesId && !alsoWoods.includes(one.id))
          .map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}, {VERDICT_WORDS[one.food]}
            </option>
          ))}
      </SelectField>
      <p className="mb-2 flex flex-wrap gap-2">
        {alsoWoods.map((id) => (
          <Button
            key={id}
            onClick={() =>
              form.set(
                'alsoWoods',
                alsoWoods.filter((one) => one !== id),
              )
            }
          >
            {wording.out(species.find((one) => one.id === id)?.name ?? id)}
          </Button>
        ))}
      </p>
      <div className="grid gap-x-4 bench:grid-cols-2">
        <TextField label={wording.glue} {...form.field('glueName')} hint={wording.emptyNoneInIt} />
        <SelectField label={wording.ofGlueFillerCasting} {...form.field('glueFood')}>
          {Object.entries(GLUE_FOOD).map(([value, says]) => (
            <option key={value} value={value}>
              {says}
            </option>
          ))}
        </SelectField>
      </div>
      <fieldset className="mb-2 flex flex-wrap gap-x-5">
        <legend className="label">{wording.alsoInOrOn}</legend>
        {ADDED.map((one) => (
          <Tick
            key={one}
            checked={added.includes(one)}
            onChange={() =>
              form.set(
                'added',
                ADDED.filter((kind) => (kind === one) !== added.includes(kind)),
              )
            }
          >
            {ADDED_WORDS[one]}
          </Tick>
        ))}
      </fieldset>
      <TextField label={wording.roughTurnedOrRough} type="date" {...form.field('roughOn')} hint={wording.howLongItHas} />
    </Fold>
  );
}

type WoodSheetProps = {
  readonly houseWoods: StartProps['houseWoods'];
  /** The wood that is changed; absent where a new one is made. */
  readonly of?: OwnWood | undefined;
  readonly onMade: (id: string) => void;
};

const EMPTY: z.input<typeof OwnWoodTyped> = {
  likeId: 'sycamore',
  name: '',
  botanical: '',
  food: 'unknown',
  keepOff: ['mouth', 'toy'],
  note: '',
  ask: '',
  why: '',
  names: { de: '', fr: '', es: '' },
};

/** What is said of a wood now, as it stands to be changed; its reason is asked for anew. */
const typedOf = ({ likeId, facts }: OwnWood): z.input<typeof OwnWoodTyped> => {
  const { names, keepOff, ...rest } = facts;
  return {
    ...rest,
    likeId,
    why: '',
    keepOff: [...keepOff],
    names: { de: names.de ?? '', fr: names.fr ?? '', es: names.es ?? '' },
  };
};

function WoodSheet({ houseWoods, of, onMade, open, onOpenChange }: WoodSheetProps & Opened) {
  const form = useForm<z.input<typeof OwnWoodTyped>, { readonly id: string }>({
    schema: OwnWoodTyped,
    start: of ? typedOf(of) : EMPTY,
    save: (typed) => saveWood({ ...typed, base: of?.id ?? null }),
    done: ({ id }) => {
      onMade(id);
      onOpenChange(false);
    },
    keptAs: `own wood ${of?.id ?? ''}`,
  });
  const { keepOff } = form.values;
  return (
    <SheetForm
      form={form}
      title={of ? of.facts.name : wording.aWoodOfOur}
      open={open}
      onOpenChange={onOpenChange}
      saves={wording.keepTheWood}
      say={wording.itDrinksLooksAnd}
    >
      <TextField label={shared.name} {...form.field('name')} />
      <TextField label={wording.botanicalNameIfIt} {...form.field('botanical')} />
      <SelectField label={wording.itIsLike} {...form.field('likeId')}>
        {houseWoods.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </SelectField>
      <SelectField label={wording.forFoodItIs} {...form.field('food')}>
        {FOOD_VERDICTS.map((one) => (
          <option key={one} value={one}>
            {VERDICT_WORDS[one]}
          </option>
        ))}
      </SelectField>
      <TextField label={wording.whyWhatThatRests} {...form.field('why')} hint={wording.aBookATable} />
      {form.values.food === 'caution' ? (
        <fieldset>
          <legend className="label">{wording.keptOff}</legend>
          <div className="grid grid-cols-2 gap-x-4">
            {PIECE_USES.map((use) => (
              <Tick
                key={use}
                checked={keepOff.includes(use)}
                onChange={() =>
                  form.set('keepOff', keepOff.includes(use) ? keepOff.filter((one) => one !== use) : [...keepOff, use])
                }
              >
                {USE_WORDS[use]}
              </Tick>
            ))}
          </div>
        </fieldset>
      ) : null}
      <TextField label={wording.note} {...form.field('note')} />
      <TextField label={wording.whichTreeWhereIts} {...form.field('ask')} hint={wording.askedAtEveryStart} />
      <div className="grid grid-cols-3 gap-x-4">
        <TextField label={wording.inGerman} {...form.field('names.de')} />
        <TextField label={wording.inFrench} {...form.field('names.fr')} />
        <TextField label={wording.inSpanish} {...form.field('names.es')} />
      </div>
      <p className="text-sm text-soft">{wording.aSlipInA}</p>
    </SheetForm>
  );
}

/** A wood the house does not know. */
export const NewWood = onOpen(
  async () => WoodSheet,
  (opener) => <Button {...opener}>{wording.aWoodOfOur}</Button>,
);

/** What is said of a wood of the shop's own, changed with a reason; batches follow what is known of their wood. */
export const ChangeWood = onOpen(
  async () => WoodSheet,
  (opener) => (
    <Button look="quiet" {...opener}>
      {wording.changeWhatIsSaid}
    </Button>
  ),
);
