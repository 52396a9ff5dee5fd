import type { Ingredient } from '@/core/material';

/** Hours at 20 °C to fit-for-food after the last coat, by what sets. Source: working estimates of the trade, erring late. */
export const A0_HOURS = {
  settle: 24,
  shellac: 48,
  friction: 72,
  'linseed-heat-bodied': 96,
  'walnut-oil-heat-treated': 120,
  'metallic-driers': 168,
  'tung-in-citrus': 168,
  'tung-oil': 240,
  'wiping-varnish': 240,
  'hemp-oil': 336,
  'walnut-oil-raw': 336,
  'raw-linseed': 504,
} as const;
export type A0Source = keyof typeof A0_HOURS;

/** A drying ingredient counts from this share of what stays. Source: working estimate. */
export const COUNTS_FROM_SHARE = 0.1;

const BY_INGREDIENT: Readonly<Record<string, A0Source>> = {
  'linseed-heat-bodied': 'linseed-heat-bodied',
  'walnut-oil-heat-treated': 'walnut-oil-heat-treated',
  'walnut-oil-raw': 'walnut-oil-raw',
  'flaxseed-oil': 'raw-linseed',
  'linseed-raw-solvent': 'raw-linseed',
  'linseed-boiled-driers': 'metallic-driers',
  'hemp-oil': 'hemp-oil',
  'wiping-varnish': 'wiping-varnish',
};

/** A line of a material: the ingredient and its mass fraction as applied. */
export type AppliedLine = { readonly ingredient: Ingredient; readonly w: number };

function sourceOf(id: string, lines: readonly AppliedLine[]): A0Source | undefined {
  if (id === 'tung-oil') return lines.some((line) => line.ingredient.id === 'citrus-solvent') ? 'tung-in-citrus' : 'tung-oil';
  if (id === 'shellac-solution')
    return lines.some((line) => line.ingredient.volatileFraction < 1 && line.ingredient.id !== id) ? 'friction' : 'shellac';
  return BY_INGREDIENT[id];
}

/** Hours a material needs: that of its slowest drying ingredient that makes up at least a tenth of what stays; else it settles. */
export function a0Of(lines: readonly AppliedLine[]): { readonly hours: number; readonly source: A0Source } {
  const stays = lines.map(({ ingredient, w }) => ({ id: ingredient.id, left: w * (1 - ingredient.volatileFraction) }));
  const total = stays.reduce((sum, line) => sum + line.left, 0);
  const sources = stays.filter((line) => line.left >= COUNTS_FROM_SHARE * total - 1e-12).map((line) => sourceOf(line.id, lines));
  const slowest = sources.filter((source) => source !== undefined).sort((a, b) => A0_HOURS[b] - A0_HOURS[a])[0] ?? 'settle';
  return { hours: A0_HOURS[slowest], source: slowest };
}

/** Milestones as shares of A0. Source: working estimates. */
export const MILESTONES = [
  { id: 'recoat', share: 0.1 },
  { id: 'handle', share: 0.25 },
  { id: 'buff', share: 0.4 },
  { id: 'food', share: 1 },
] as const;
