import { type Contact, type Ingredient, worstOf } from '@/core/material';
import type { Share } from './lines';

export type Drying = 'drying' | 'never' | 'mixed';
export type RagHazard = 'self-heating' | 'flammable' | 'plain';

/** Iodine value from which an oil dries. Source: the usual division of drying oils. */
export const DRIES_FROM_IODINE = 120;
/** Iodine value from which a wet rag can heat itself. Source: working estimate on the safe side; semi-drying oils included. */
export const RAG_HEATS_FROM_IODINE = 90;
/** Shares of what can dry, at and past which a blend counts as drying or never drying. Source: working estimate. */
export const DRYING_SHARES = { drying: 0.9, never: 0.1 } as const;
/** Longest dwell of a blend that dries, minutes, by how the coat lies. Source: working estimate; past it the surplus gums. */
export const LONGEST_DWELL_MIN = { flooded: 20, thin: 60 } as const;
/** Shares this close to a bound are the bound. */
const SHARE_TOLERANCE = 1e-12;

/** Whether an ingredient sets to a solid: an oil of high iodine value, one with metal driers, or a film. */
export const dries = (ingredient: Ingredient): boolean =>
  ingredient.iodineValue >= DRIES_FROM_IODINE || ingredient.metallicDrier || ingredient.filmForming;

/** Whether a cloth wet with it can heat itself. */
export const heatsRags = (ingredient: Ingredient): boolean =>
  ingredient.selfHeating || ingredient.iodineValue >= RAG_HEATS_FROM_IODINE;

/** The mass share of what dries within the non-volatile, non-wax part; 0 when nothing is there. */
export function dryingShare(shares: readonly Share[]): number {
  let stays = 0;
  let drying = 0;
  for (const { ingredient, w } of shares) {
    if (ingredient.family === 'wax') continue;
    const left = w * (1 - ingredient.volatileFraction);
    stays += left;
    if (dries(ingredient)) drying += left;
  }
  return stays > 0 ? drying / stays : 0;
}

export function dryingOf(shares: readonly Share[]): Drying {
  const share = dryingShare(shares);
  if (share >= DRYING_SHARES.drying - SHARE_TOLERANCE) return 'drying';
  return share <= DRYING_SHARES.never + SHARE_TOLERANCE ? 'never' : 'mixed';
}

/** The longest a coat may lie before it is wiped, minutes; null where nothing gums. */
export const maxDwell = (drying: Drying): { flooded: number | null; thin: number | null } =>
  drying === 'never' ? { flooded: null, thin: null } : { ...LONGEST_DWELL_MIN };

/** The worst contact class of some ingredients. */
export const worstContact = (ingredients: readonly Ingredient[]): Contact =>
  worstOf(ingredients.map((ingredient) => ingredient.contact));

export const allergensOf = (ingredients: readonly Ingredient[]): string[] =>
  [...new Set(ingredients.flatMap((ingredient) => ingredient.allergens))].sort();

/** A volatile line with a flash point makes the whole flammable. */
export const isFlammable = (ingredients: readonly Ingredient[]): boolean =>
  ingredients.some((ingredient) => ingredient.volatileFraction > 0 && ingredient.flashC !== null);

export function ragHazardOf(ingredients: readonly Ingredient[]): RagHazard {
  if (ingredients.some(heatsRags)) return 'self-heating';
  return isFlammable(ingredients) ? 'flammable' : 'plain';
}
