import 'server-only';
import { type Blend, natureOfBought, sharesOfBought, UNDECLARED, withUndeclared } from '@/core/blend';
import { a0Of, a0OfBought, type Needs } from '@/core/cure';
import { type Catalogue, ingredientOf, type Role } from '@/core/material';
import { rolesOf, rolesOfBought } from '@/core/regimen';
import type { readyMade } from '../schema';

export type ReadyMade = typeof readyMade.$inferSelect;

export const ownOfReady = (ready: ReadyMade, catalogue: Catalogue): Record<string, number> => sharesOfBought(ready, catalogue);

/** What is asked of a material again and again: what it makes, what it is in the work, how long it sets. */
export type KnownNature = { readonly nature: Blend | null; readonly roles: readonly Role[]; readonly needs: Needs | null };

/** Natures by composition, remembered; past this many all are forgotten. A lot's composition rarely changes, and every page asks for it. */
const MOST_NATURES = 20_000;
const remembered = new WeakMap<Catalogue, Map<string, KnownNature>>();

/** What a mix is by what is in it, bought finishes that went into it among that. */
export function knownMix(
  composition: Readonly<Record<string, number>>,
  inside: readonly ReadyMade[],
  catalogue: Catalogue,
): KnownNature {
  const key = `${Object.entries(composition).join(' ')} ${inside.map((one) => `${one.id}.${one.version}`).join(' ')}`;
  const natures = remembered.get(catalogue) ?? new Map<string, KnownNature>();
  remembered.set(catalogue, natures);
  const known = natures.get(key);
  if (known) return known;
  if (natures.size >= MOST_NATURES) natures.clear();
  const found = reckonMix(composition, inside, catalogue);
  natures.set(key, found);
  return found;
}

function reckonMix(
  composition: Readonly<Record<string, number>>,
  inside: readonly ReadyMade[],
  catalogue: Catalogue,
): KnownNature {
  const nature = withUndeclared(composition, inside, catalogue);
  if (!nature) return { nature: null, roles: [], needs: null };
  const lines = Object.entries(composition).filter(([id]) => id !== UNDECLARED);
  const [only] = inside;
  if (lines.length === 0 && only) return knownReady(only, catalogue);
  return {
    nature,
    roles: rolesOf(
      lines.map(([ingredient, massFraction]) => ({ ingredient, massFraction })),
      nature.waxEquivalent,
      catalogue,
    ),
    needs: a0Of(
      lines.map(([id, w]) => ({ ingredient: ingredientOf(id, catalogue), w })),
      catalogue,
    ),
  };
}

/** What is known of a bought finish: its label where it speaks. */
export function knownReady(ready: ReadyMade, catalogue: Catalogue): KnownNature {
  const lines = Object.entries(ownOfReady(ready, catalogue));
  const isWhole = lines.every(([id]) => id !== UNDECLARED);
  const byContents =
    isWhole && ready.role !== 'hard-wax-oil'
      ? a0Of(
          lines.map(([id, w]) => ({ ingredient: ingredientOf(id, catalogue), w })),
          catalogue,
        )
      : null;
  return {
    nature: natureOfBought(ready, catalogue),
    roles: rolesOfBought(ready.role, ready.isPaste, ready.drying),
    needs: ready.labelFoodHours === null && byContents ? byContents : a0OfBought(ready.role, ready.drying, ready.labelFoodHours),
  };
}
