'use client';

import { blend, type Running } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { parseMass, say } from '@/core/quantity';
import { CONTACT_WORDS, DRYING_WORDS, FEEL_WORDS } from '@/messages';
import { straySheet as wording } from '@/messages/screens/pour';
import { shared } from '@/messages/screens/shared';
import { freshId } from '@/ui/id';
import { FormSheet } from '@/web/form/form-sheet';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { weigh } from '../actions';

export type Stray = { readonly lotId: number; readonly number: string; readonly ingredient: string };
type Props = {
  readonly pourId: number;
  readonly strays: readonly Stray[];
  readonly lines: Running['lines'];
  readonly onScaleG: number;
};

/** Something went in that does not belong: what the pot becomes with it is said before it is kept. */
export function StraySheet({ pourId, strays, lines, onScaleG }: Props) {
  if (strays.length === 0) return null;
  const find = (lotId: string | undefined): Stray | undefined => strays.find((one) => String(one.lotId) === lotId);
  return (
    <FormSheet
      opens={wording.somethingElseWentIn}
      look="quiet"
      title={wording.somethingElseWentIn}
      say={wording.itCannotBeTaken}
      saves={wording.keepThePotWith}
      fields={[
        {
          name: 'lot',
          label: wording.whatWentIn,
          options: strays.map((one) => ({
            value: String(one.lotId),
            name: `${findIngredient(one.ingredient, catalogue())?.name}, ${one.number}`,
          })),
        },
        { name: 'reading', label: wording.theScaleSaysNow, hint: wording.itSaidBefore(say(onScaleG, 'g', reads())) },
      ]}
      echo={({ lot, reading }) => {
        const typed = parseMass(reading ?? '', reads());
        const stray = find(lot);
        if (!typed.ok || !stray || typed.value <= onScaleG) return null;
        const made = blend(
          {
            lines: [
              ...lines.map((line) => ({ ingredient: line.ingredient, parts: Math.max(line.targetG, line.pouredG) })),
              { ingredient: stray.ingredient, parts: typed.value - onScaleG },
            ],
            make: { massG: 1 },
          },
          catalogue(),
        );
        if (!made.ok) return null;
        const { consistency, drying, contact, allergens, heatConflict } = made.value;
        return (
          <p
            className={`border-l-8 bg-paper px-4 py-3 ${drying === 'mixed' || contact === 'not-for-food' ? 'border-late' : 'border-ink'}`}
          >
            {wording.withOfItThe(
              say(typed.value - onScaleG, 'g', reads()),
              FEEL_WORDS[consistency],
              DRYING_WORDS[drying],
              CONTACT_WORDS[contact],
              allergens.join(', ') || shared.noneKnown,
              heatConflict ? wording.itPoursAboveIts : '',
              drying === 'mixed' ? wording.betterGivenUpOr : '',
            )}
          </p>
        );
      }}
      save={({ lot, reading }) =>
        weigh({
          clientId: freshId(),
          pourId,
          ingredientId: find(lot)?.ingredient ?? '',
          lotId: Number(lot),
          reading: reading ?? '',
          corrects: null,
          stray: true,
        })
      }
    />
  );
}
