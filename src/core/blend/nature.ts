import {
  type Catalogue,
  type Contact,
  givesVapour,
  type Ingredient,
  ingredientOf,
  likeIngredient,
  likeOf,
  worstOf,
} from '@/core/material';
import type { LineShare } from './lines';

export type Drying = 'drying' | 'never' | 'mixed';
export type RagHazard = 'self-heating' | 'flammable' | 'plain';

/** Iodine value from which a wet rag can heat itself. Source: working estimate on the safe side; semi-drying oils included. */
export const RAG_HEATS_FROM_IODINE = 90;
/** Shares of what can dry, at and past which a blend counts as drying or never drying. Source: working estimate. */
export const DRYING_SHARES = { drying: 0.9, never: 0.1 } as const;
/** Vitamin E past this share of what stays keeps an oil from drying. Source: working estimate; it is an antioxidant. */
export const ANTIOXIDANT_FROM = 0.002;
/** What turns rancid counts past this share of what stays beside the wax. Source: working estimate. */
export const RANCID_FROM = 0.1;
/** Thinned this far or more, a coat's surplus gums as fast as the quickest oil's, minutes by how it lies. Source: working estimate. */
export const THINNED = { fromVolatile: 0.25, dwellMin: { flooded: 20, thin: 60 } } as const;
/** An ingredient counts for the dwell from this share of the mass. Source: working estimate. */
export const DWELL_FROM_SHARE = 0.1;
/** Months a blend keeps with water in it, and shellac once it is dissolved. Source: working estimates of the trade. */
export const KEEPS_MONTHS = { withWater: 1, dissolvedShellac: 12, mixedPaint: 0, mixedHardener: 0 } as const;
/** Shares this close to a bound are the bound. */
const SHARE_TOLERANCE = 1e-9;

/** Whether a cloth wet with it can heat itself. */
export const heatsRags = (ingredient: Ingredient): boolean =>
  ingredient.selfHeating || ingredient.iodineValue >= RAG_HEATS_FROM_IODINE;

/** Mass that stays of a line, per mass of the whole. */
export const stays = ({ ingredient, w }: LineShare): number => w * (1 - ingredient.volatileFraction);

/** `dried_i = w_i·(1 − v_i) / Σ w·(1 − v)`: the shares of what stays, nothing left out but zeros. */
export function driedLinesOf(shares: readonly LineShare[]): { readonly ingredient: string; readonly massFraction: number }[] {
  const whole = shares.reduce((sum, share) => sum + stays(share), 0);
  return shares.flatMap((share) =>
    stays(share) > 0 ? [{ ingredient: share.ingredient.id, massFraction: stays(share) / whole }] : [],
  );
}

/** Share of what stays of the non-wax lines that is of some kind; 0 when nothing is there. */
function shareOf(shares: readonly LineShare[], isKind: (ingredient: Ingredient) => boolean): number {
  const oils = shares.filter(({ ingredient }) => ingredient.family !== 'wax');
  const whole = oils.reduce((sum, share) => sum + stays(share), 0);
  const part = oils.reduce((sum, share) => sum + (isKind(share.ingredient) ? stays(share) : 0), 0);
  return whole > 0 ? part / whole : 0;
}

export function dryingOf(shares: readonly LineShare[], catalogue: Catalogue): Drying {
  const drying = shareOf(shares, (one) => one.dries === 'drying');
  const byHalves = shareOf(shares, (one) => one.dries !== 'never');
  const antioxidant =
    driedLinesOf(shares).find((line) => likeIngredient(line.ingredient, catalogue) === 'vitamin-e')?.massFraction ?? 0;
  if (antioxidant > ANTIOXIDANT_FROM + SHARE_TOLERANCE && byHalves > DRYING_SHARES.never + SHARE_TOLERANCE) return 'mixed';
  if (drying >= DRYING_SHARES.drying - SHARE_TOLERANCE) return 'drying';
  return byHalves <= DRYING_SHARES.never + SHARE_TOLERANCE ? 'never' : 'mixed';
}

/** A kitchen oil, or one that dries by halves: by itself it turns rancid in wood. */
export const turnsByItself = ({ family }: Pick<Ingredient, 'family'>): boolean =>
  family === 'culinary-oil' || family === 'semi-drying-oil';

/** Kitchen oils and oils that dry by halves turn rancid, unless enough beside them dries. */
export const turnsRancid = (shares: readonly LineShare[], drying: Drying): boolean =>
  drying !== 'drying' && shareOf(shares, turnsByItself) > RANCID_FROM + SHARE_TOLERANCE;

/** Longest dwell of a coat, minutes by how it lies; null where nothing gums. */
export type MaxDwell = { readonly flooded: number | null; readonly thin: number | null };

/** The longest a coat may lie before it is wiped: that of the quickest line which is a tenth of the whole, less where much is thinner. */
export function maxDwell(shares: readonly LineShare[], drying: Drying): MaxDwell {
  if (drying === 'never') return { flooded: null, thin: null };
  const gumming = shares.filter(({ ingredient }) => ingredient.dwellMin !== null);
  const counting = gumming.filter(({ w, ingredient }) => w >= DWELL_FROM_SHARE - SHARE_TOLERANCE || isHardener(ingredient));
  const volatile = shares.reduce((sum, { ingredient, w }) => sum + w * ingredient.volatileFraction, 0);
  const bounds = (counting.length > 0 ? counting : gumming).flatMap(({ ingredient }) => ingredient.dwellMin ?? []);
  if (volatile >= THINNED.fromVolatile - SHARE_TOLERANCE) bounds.push(THINNED.dwellMin);
  const least = (of: (bound: { flooded: number; thin: number }) => number): number | null =>
    bounds.length > 0 ? Math.min(...bounds.map(of)) : null;
  return { flooded: least((bound) => bound.flooded), thin: least((bound) => bound.thin) };
}

/** The worst contact class of some ingredients. */
export const worstContact = (ingredients: readonly Ingredient[]): Contact =>
  worstOf(ingredients.map((ingredient) => ingredient.contact));

export const allergensOf = (ingredients: readonly Ingredient[]): string[] =>
  [...new Set(ingredients.flatMap((ingredient) => ingredient.allergens))].sort();

/** A volatile line with a flash point makes the whole flammable. */
export const isFlammable = (ingredients: readonly Ingredient[]): boolean => ingredients.some(givesVapour);

export function ragHazardOf(ingredients: readonly Ingredient[]): RagHazard {
  if (ingredients.some(heatsRags)) return 'self-heating';
  return isFlammable(ingredients) ? 'flammable' : 'plain';
}

/** The graver of two hazards. */
const HAZARDS: readonly RagHazard[] = ['plain', 'flammable', 'self-heating'];
export const worseHazard = (a: RagHazard, b: RagHazard): RagHazard => (HAZARDS.indexOf(a) >= HAZARDS.indexOf(b) ? a : b);

/** Whether lines stand together that part again: it must be shaken before each use. */
export const separatesOf = (ingredients: readonly Ingredient[]): boolean => new Set(ingredients.map((one) => one.mixes)).size > 1;

/** A hardener with isocyanate, or one of the shop's own that is like it. */
export const isHardener = (one: Pick<Ingredient, 'id' | 'like'>): boolean => likeOf(one) === 'isocyanate-hardener';

/**
 * Why a hardener is not mixed so: with water or alcohol gas bursts the tin or the hardener is eaten up; without a drying oil it finds
 * nothing to bind and stays free. Null where it may be mixed, for the hour, or where none is in it.
 */
export function hardenerFault(
  ids: readonly string[],
  catalogue: Catalogue,
): 'hardener-with-water' | 'hardener-without-oil' | null {
  const ingredients = ids.map((one) => ingredientOf(one, catalogue));
  if (!ingredients.some(isHardener)) return null;
  if (ingredients.some((one) => one.mixes !== 'oil')) return 'hardener-with-water';
  return ingredients.some((one) => !isHardener(one) && one.dries === 'drying') ? null : 'hardener-without-oil';
}

/** Whether it is mixed with a hardener: it sets within the hour, warm, and no tin holds it. */
export const setsInTin = (ids: readonly string[], catalogue: Catalogue): boolean =>
  ids.length > 1 && ids.map((one) => ingredientOf(one, catalogue)).some(isHardener);

/** Months a blend keeps: its shortest-lived line; less with water, with dissolved shellac, with paint that was mixed. */
export function keepsMonths(ingredients: readonly Ingredient[]): number {
  const has = (id: string): boolean => ingredients.some((one) => likeOf(one) === id);
  return Math.min(
    ...ingredients.map((one) => one.shelfMonths),
    ...(has('water') && ingredients.some((one) => one.mixes !== 'water') ? [KEEPS_MONTHS.withWater] : []),
    ...(has('milk-paint-powder') && has('water') ? [KEEPS_MONTHS.mixedPaint] : []),
    ...(has('shellac-flake') && ingredients.length > 1 ? [KEEPS_MONTHS.dissolvedShellac] : []),
    ...(ingredients.length > 1 && ingredients.some(isHardener) ? [KEEPS_MONTHS.mixedHardener] : []),
  );
}

/** The same by ids, of a blend that is made already. */
export const keepsMonthsOf = (ids: readonly string[], catalogue: Catalogue): number =>
  keepsMonths(ids.map((one) => ingredientOf(one, catalogue)));
