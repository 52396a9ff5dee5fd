'use client';

import { useState } from 'react';
import { boughtOfLine, type Drying } from '@/core/blend';
import {
  allIngredients,
  answersTo,
  findIngredient,
  type Ingredient,
  isLiquid,
  isOwnMaterial,
  likeOf,
  setsBelowC,
} from '@/core/material';
import { say } from '@/core/quantity';
import { CONTACT_WORDS, cautionsInWords, FAMILY_WORDS, UNSAID_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { ingredientList as wording } from '@/messages/screens/stores';
import { FamilySwatch } from '@/ui/family';
import { TextField } from '@/ui/field';
import { KeptPhoto, photoAt } from '@/ui/kept-photo';
import { LateFold } from '@/ui/late-fold';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import type { KnownOwn } from './own-sheet';
import { OwnIngredient } from './sheets';

/** How an ingredient dries by itself: one that dries by halves stays tacky. */
const dryingOf = ({ dries }: Ingredient): Drying => (dries === 'semi' ? 'mixed' : dries);

const melts = (one: Ingredient): string => {
  if (one.meltC !== null) return say(one.meltC, '°C', reads());
  const setsAt = setsBelowC(one);
  if (setsAt !== null) return wording.setsBelow(say(setsAt, '°C', reads(), 0));
  return isLiquid(one) ? 'liquid' : wording.doesNotMelt;
};

const facts = (one: Ingredient): readonly (readonly [string, string])[] => [
  ['Density', `${one.densityGPerMl} g/ml`],
  [wording.iodineValue, String(one.iodineValue)],
  ['Melts', melts(one)],
  [
    'Ceiling',
    likeOf(one) === 'water'
      ? wording.notInAWax
      : one.neverHeat
        ? wording.neverHeat
        : one.maxC === null
          ? shared.noneKnown
          : say(one.maxC, '°C', reads()),
  ],
  [wording.flashPoint, one.flashC === null ? shared.noneKnown : say(one.flashC, '°C', reads())],
  ['Keeps', wording.months(one.shelfMonths)],
  [wording.leavesAsItDries, say(one.volatileFraction, 'fraction', reads())],
  ['Allergens', one.allergens.join(', ') || shared.noneKnown],
];

/** One of the shop's own: its sheet as it stands, and how often and when it was put right. */
export type OwnRecord = KnownOwn & { readonly number: number; readonly since: string };

/** What is the shop's own about an ingredient: what it is like, what its sheet leaves out, its label, and a way to put it right. */
function OwnPart({ of }: { readonly of: OwnRecord | undefined }) {
  if (!of) return null;
  const { facts } = of;
  return (
    <div className="mb-3 flex flex-col items-start gap-2">
      <p>
        {wording.like}
        {findIngredient(likeOf(of), catalogue())?.name.toLowerCase()}.{' '}
        {facts.unsaid.length === 0
          ? wording.itsSheetSaysAll
          : wording.itsSheetDoesNot(facts.unsaid.map((one) => UNSAID_WORDS[one as keyof typeof UNSAID_WORDS]).join(', '))}{' '}
        <span className="reading text-soft">{wording.revision(of.number, of.since)}</span>
      </p>
      {of.photoHash ? <KeptPhoto src={photoAt(of.photoHash)} alt={wording.theLabelOf(facts.name)} /> : null}
      <OwnIngredient of={of} />
    </div>
  );
}

/** What is known of an ingredient: its note, its figures, and what it asks to be careful of. */
function IngredientFacts({ of: one }: { readonly of: Ingredient }) {
  return (
    <>
      <p className="mb-2 max-w-prose">{one.note}</p>
      <p className="label">
        {FAMILY_WORDS[one.family]}
        {one.alsoCalled.length > 0 ? wording.alsoCalled(one.alsoCalled.join(', ')) : ''}
      </p>
      <dl className="reading my-2 grid grid-cols-[9rem_1fr] text-sm">
        {facts(one).map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-soft">{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      <ul className="mb-3 flex flex-col gap-2">
        {cautionsInWords({ doing: 'reading', ingredients: [one.id], drying: dryingOf(one) }, catalogue()).map(
          ({ head, text: says }) => (
            <li key={head} className="border-late border-l-4 pl-3 text-sm">
              <strong>{head}</strong> {says}
            </li>
          ),
        )}
      </ul>
    </>
  );
}

/** Every ingredient the house knows, with its facts and cautions. Identity comes from what is in the tin, not from its name. */
export function IngredientList({ own }: { readonly own: readonly OwnRecord[] }) {
  const [text, setText] = useState('');
  const all = allIngredients(catalogue()).filter((one) => boughtOfLine(one.id) === null);
  // What is the shop's own stands first: that is what its maker looks for.
  const found = all
    .filter((one) => answersTo(one, text))
    .sort((a, b) => Number(isOwnMaterial(b.id)) - Number(isOwnMaterial(a.id)));
  return (
    <div>
      <TextField
        className="max-w-sm"
        label={wording.findByAnyOf}
        value={text}
        onChange={(event) => setText(event.target.value)}
        hint={wording.ofFiguresAreWorking(found.length, all.length)}
      />
      <ul className="mt-2 grid gap-x-8 wide:grid-cols-2">
        {found.map((one) => (
          <li key={one.id} className="border-rule border-t">
            <LateFold
              line="row"
              lineClass="gap-3"
              says={
                <>
                  <FamilySwatch family={one.family} />
                  <span className="grow font-semibold">
                    {one.name}
                    {isOwnMaterial(one.id) ? <span className="font-normal text-soft">{wording.theShopsOwn}</span> : null}
                  </span>
                  <span className="text-right text-sm text-soft">{CONTACT_WORDS[one.contact]}</span>
                </>
              }
            >
              {() => (
                <>
                  <IngredientFacts of={one} />
                  <OwnPart of={own.find((row) => row.id === one.id)} />
                </>
              )}
            </LateFold>
          </li>
        ))}
      </ul>
    </div>
  );
}
