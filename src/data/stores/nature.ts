import 'server-only';
import { type Blend, blend } from '@/core/blend';
import { findIngredient, worstOf } from '@/core/material';
import type { readyMade } from '../schema';

export type ReadyMade = typeof readyMade.$inferSelect;

/** What stands for contents that are not declared, on the safe side: a film with driers where it dries, else plain mineral oil. */
const UNDECLARED = { drying: 'wiping-varnish', never: 'mineral-oil' } as const;

/** Ids of a ready-made's declared contents that the house knows. */
export const declaredOf = ({ declared }: Pick<ReadyMade, 'declared'>): string[] => declared.filter((id) => findIngredient(id));

/** A ready-made as shares of what it is reckoned with: its declared contents in equal parts, and the worst of its kind for the rest. */
export function ownOfReady({ declared, isAllDeclared, drying }: ReadyMade): Record<string, number> {
  const known = declaredOf({ declared });
  const ids = isAllDeclared && known.length > 0 ? known : [...new Set([...known, UNDECLARED[drying]])];
  return Object.fromEntries(ids.map((id) => [id, 1 / ids.length]));
}

/** Natures by composition, remembered; past this many all are forgotten. A lot's composition rarely changes, and every page asks for it. */
const MOST_NATURES = 20_000;
const natures = new Map<string, Blend | null>();

export function natureOf(composition: Readonly<Record<string, number>>): Blend | null {
  const key = Object.entries(composition).join(' ');
  const known = natures.get(key);
  if (known !== undefined) return known;
  if (natures.size >= MOST_NATURES) natures.clear();
  const nature = reckonNature(composition);
  natures.set(key, nature);
  return nature;
}

function reckonNature(composition: Readonly<Record<string, number>>): Blend | null {
  const lines = Object.entries(composition).map(([ingredient, parts]) => ({ ingredient, parts }));
  const result = blend({ lines, make: { massG: 100 } });
  return result.ok ? result.value : null;
}

/** Wax equivalents a bought paste and a bought oil are taken to have: the label says which it is, not how much wax. Working estimates. */
const READY_FEEL = { paste: 0.19, liquid: 0 } as const;
const DWELL = { drying: { flooded: 20, thin: 60 }, never: { flooded: null, thin: null } } as const;

/** What is known of a bought finish as it comes: its label where it speaks, the safe side where it does not. Never heated. */
export function natureOfReady(ready: ReadyMade): Blend | null {
  const base = natureOf(ownOfReady(ready));
  if (!base) return null;
  const declared = ready.declared.flatMap((id) => findIngredient(id) ?? []);
  const isUnknown = !ready.isAllDeclared;
  return {
    ...base,
    // What is not declared is unknown: its cloths are taken to heat and its vapour to burn, but it is called no film for it.
    ragHazard: isUnknown ? 'self-heating' : base.ragHazard,
    flammable: isUnknown || base.flammable,
    knifeSurface: !declared.some((one) => one.filmForming),
    densityGPerMl: ready.densityGPerMl,
    volumeMl: base.totalG / ready.densityGPerMl,
    waxEquivalent: ready.isPaste ? READY_FEEL.paste : READY_FEEL.liquid,
    consistency: ready.isPaste ? 'soft-paste' : 'liquid',
    drying: ready.drying,
    maxDwellMin: DWELL[ready.drying],
    contact: worstOf([ready.contact, ...declared.map((one) => one.contact)]),
    allergens: [...new Set(declared.flatMap((one) => one.allergens))].sort(),
    heat: 'none',
    heatConflict: false,
  };
}
