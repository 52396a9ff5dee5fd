'use client';

import { blend, type Running } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { parseMass, say } from '@/core/quantity';
import { CONTACT_WORDS, DRYING_WORDS, FEEL_WORDS } from '@/messages';
import { freshId } from '@/ui/id';
import { catalogue } from '@/web/catalogue-here';
import { FormSheet } from '@/web/form/form-sheet';
import { reads } from '@/web/reads-here';
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
      opens="Something else went in"
      look="quiet"
      title="Something else went in"
      say="It cannot be taken out again, so the lot owns up to it: its contents, allergens and dwell follow from what is really in the pot."
      saves="Keep the pot with it"
      fields={[
        {
          name: 'lot',
          label: 'What went in',
          options: strays.map((one) => ({
            value: String(one.lotId),
            name: `${findIngredient(one.ingredient, catalogue())?.name}, ${one.number}`,
          })),
        },
        { name: 'reading', label: 'The scale says now', hint: `it said ${say(onScaleG, 'g', reads())} before` },
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
            With {say(typed.value - onScaleG, 'g', reads())} of it the pot becomes {FEEL_WORDS[consistency]},{' '}
            {DRYING_WORDS[drying]}, {CONTACT_WORDS[contact]}; allergens: {allergens.join(', ') || 'none known'}.
            {heatConflict ? ' It pours above its ceiling.' : ''}
            {drying === 'mixed' ? ' ▲ Better given up, or kept for tool handles.' : ''}
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
