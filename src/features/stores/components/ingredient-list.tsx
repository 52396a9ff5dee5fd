'use client';

import { useState } from 'react';
import type { Drying } from '@/core/blend';
import { answersTo, INGREDIENTS, type Ingredient } from '@/core/material';
import { say } from '@/core/quantity';
import { cautionsInWords, CONTACT_WORDS, FAMILY_WORDS } from '@/messages';
import { FamilySwatch } from '@/ui/family';
import { TextField } from '@/ui/field';
import { Fold } from '@/ui/fold';

/** How an ingredient dries by itself: one that dries by halves stays tacky. */
const dryingOf = ({ dries }: Ingredient): Drying => (dries === 'semi' ? 'mixed' : dries);

const facts = (one: Ingredient): readonly (readonly [string, string])[] => [
  ['Density', `${one.densityGPerMl} g/ml`],
  ['Iodine value', String(one.iodineValue)],
  ['Melts', one.meltC === null ? 'liquid' : say(one.meltC, '°C')],
  ['Ceiling', one.neverHeat ? 'never heat' : one.maxC === null ? 'none known' : say(one.maxC, '°C')],
  ['Flash point', one.flashC === null ? 'none known' : say(one.flashC, '°C')],
  ['Keeps', `${one.shelfMonths} months`],
  ['Leaves as it dries', say(one.volatileFraction, 'fraction')],
  ['Allergens', one.allergens.join(', ') || 'none known'],
];

/** Every ingredient the house knows, with its facts and cautions. Identity comes from what is in the tin, not from its name. */
export function IngredientList() {
  const [text, setText] = useState('');
  const found = INGREDIENTS.filter((one) => answersTo(one, text));
  return (
    <div>
      <TextField
        className="max-w-sm"
        label="Find by any of its names"
        value={text}
        onChange={(event) => setText(event.target.value)}
        hint={`${found.length} of ${INGREDIENTS.length}. Figures are working estimates; the supplier’s sheet comes first.`}
      />
      <ul className="mt-2 grid gap-x-8 wide:grid-cols-2">
        {found.map((one) => (
          <li key={one.id} className="border-rule border-t">
            <Fold
              line="row"
              lineClass="gap-3"
              says={
                <>
                  <FamilySwatch family={one.family} />
                  <span className="grow font-semibold">{one.name}</span>
                  <span className="text-right text-sm text-soft">{CONTACT_WORDS[one.contact]}</span>
                </>
              }
            >
              <p className="mb-2 max-w-prose">{one.note}</p>
              <p className="label">
                {FAMILY_WORDS[one.family]}
                {one.alsoCalled.length > 0 ? `; also called ${one.alsoCalled.join(', ')}` : ''}
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
                {cautionsInWords({ doing: 'reading', ingredients: [one.id], drying: dryingOf(one) }).map(
                  ({ head, text: says }) => (
                    <li key={head} className="border-late border-l-4 pl-3 text-sm">
                      <strong>{head}</strong> {says}
                    </li>
                  ),
                )}
              </ul>
            </Fold>
          </li>
        ))}
      </ul>
    </div>
  );
}
