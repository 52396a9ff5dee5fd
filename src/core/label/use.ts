import type { Blend } from '@/core/blend';
import { type Catalogue, findIngredient, likeOf } from '@/core/material';
import { gates } from '@/core/use';

/** How the very contents of a jar are used; each has words of its own in every language. */
export const CONTENT_USES = [
  'tacky',
  'solvent',
  'paint',
  'polish',
  'resin',
  'varnish',
  'hard-wax',
  'oil-never',
  'oil-drying',
  'paste-never',
  'paste-drying',
] as const;
export type ContentUse = (typeof CONTENT_USES)[number];

/** From this share of the mass an ingredient decides how the whole is used. Source: working estimate. */
const DECIDES_FROM = 0.1;
/** The longest a label lets what dries lie, minutes, by how it is put on: well within what its oil bears. Working estimates. */
const LABEL_MOST_MIN = { oil: 15, paste: 60 } as const;

type Nature = Pick<Blend, 'drying' | 'consistency' | 'lines' | 'driedFraction' | 'maxDwellMin'>;

/** How a blend is used, and how long it may lie at most, minutes, where that matters. */
export function contentUse(
  { drying, consistency, lines, driedFraction, maxDwellMin }: Nature,
  catalogue: Catalogue,
): {
  readonly use: ContentUse;
  readonly minutes: number;
} {
  const share = (is: (id: string, family: string) => boolean): number =>
    lines.reduce((sum, line) => {
      const one = findIngredient(line.ingredient, catalogue);
      return sum + (one && is(likeOf(one), one.family) ? line.massFraction : 0);
    }, 0);
  const isPaste = consistency !== 'liquid' && consistency !== 'cream';
  const bound = isPaste ? maxDwellMin.thin : maxDwellMin.flooded;
  const minutes = Math.min(isPaste ? LABEL_MOST_MIN.paste : LABEL_MOST_MIN.oil, bound ?? Number.POSITIVE_INFINITY);
  const of = (use: ContentUse) => ({ use, minutes });
  if (driedFraction <= 1e-9) return of('solvent');
  if (share((id) => id === 'milk-paint-powder') >= DECIDES_FROM) return of('paint');
  if (share((id) => id.startsWith('shellac')) >= DECIDES_FROM)
    return of(share((_, family) => family.endsWith('oil') || family === 'wax') >= 0.01 ? 'polish' : 'resin');
  if (drying === 'mixed') return of('tacky');
  if (share((id) => id === 'wiping-varnish') >= DECIDES_FROM) return of('varnish');
  if (consistency === 'bar' || consistency === 'block') return of('hard-wax');
  if (isPaste) return of(drying === 'never' ? 'paste-never' : 'paste-drying');
  return of(drying === 'never' ? 'oil-never' : 'oil-drying');
}

/** How far below its clear point a jar is kept, K, and the steps the figure is said in. Sources: what a soft paste bears; round figures are read at a glance. */
const KEEP_BELOW_CLEAR_K = 10;
const KEEP_STEP_C = 5;
/** What even a tin in a parked car seldom reaches, °C: above it nothing needs saying. Working estimate. */
const KEEP_SAID_UNDER_C = 60;

/** Below which temperature a paste, bar or block is kept, °C, lest it run out of its tin; null where heat does nothing to it. */
export function keepBelowC({ clearC, consistency }: Pick<Blend, 'clearC' | 'consistency'>): number | null {
  if (clearC === null || consistency === 'liquid') return null;
  const below = Math.floor((clearC - KEEP_BELOW_CLEAR_K) / KEEP_STEP_C) * KEEP_STEP_C;
  return below < KEEP_SAID_UNDER_C ? below : null;
}

/** Whether a jar's label says "Not for food": its contents would say so of anything that could be taken for tableware. */
export function jarNotForFood(
  nature: Pick<Blend, 'contact' | 'film' | 'drying' | 'waxEquivalent' | 'allergens'>,
  undeclared: boolean,
  statement: readonly ('food' | 'toy')[],
): boolean {
  const { contact, film, drying, waxEquivalent, allergens } = nature;
  const judged = gates({
    use: ['display'],
    wood: { food: 'good', origin: 'bought' },
    finish: {
      contact,
      filmForming: film,
      drying,
      waxEquivalent,
      allergens: [...allergens],
      undeclared: undeclared && !statement.includes('food'),
    },
  });
  return judged.ok && judged.value.notForFood;
}
