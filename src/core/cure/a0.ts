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

/** What a finish comes to in turn; these are different things. */
export const MILESTONE_IDS = ['touch', 'recoat', 'handle', 'buff', 'food', 'sale'] as const;
export type MilestoneId = (typeof MILESTONE_IDS)[number];
type Shares = Readonly<Record<MilestoneId, number>>;

/** Milestones as shares of A0 of an oil. Source: working estimates. */
export const OIL_SHARES: Shares = { touch: 0.05, recoat: 0.1, handle: 0.25, buff: 0.4, food: 1, sale: 1 };

/**
 * Where a finish goes its own way: resin is dry as its alcohol leaves, heat-bodied oil is rubbed so thin that it wants a day between
 * coats, what never dries may be oiled again at once. Working estimates; each recoat lies in the rest of the regimen that ships for it.
 */
const OWN_SHARES: Readonly<Partial<Record<A0Source, Partial<Shares>>>> = {
  settle: { touch: 0.04, recoat: 0.02, handle: 0.04, buff: 0.08 },
  shellac: { touch: 0.01, recoat: 0.015, handle: 0.08 },
  friction: { touch: 0.005, recoat: 0.01, handle: 0.02, buff: 0.1 },
  'linseed-heat-bodied': { touch: 0.12, recoat: 0.3 },
  'wiping-varnish': { touch: 0.03, handle: 0.2, buff: 0.5 },
};

/** The milestones of what sets, each as a share of its A0, in the order they are reached. */
export const milestones = (source: A0Source): readonly { readonly id: MilestoneId; readonly share: number }[] =>
  MILESTONE_IDS.map((id) => ({ id, share: OWN_SHARES[source]?.[id] ?? OIL_SHARES[id] })).sort((a, b) => a.share - b.share);
