import { type Drying, dryingOf } from '@/core/blend';
import { type Catalogue, type Ingredient, isOwnMaterial, likeOf } from '@/core/material';
import type { CureMode } from './checks/check';

/** Hours at 20 °C to fit-for-food after the last coat, by what sets, and how it sets. Source: working estimates of the trade, erring late. */
export const A0: Readonly<Record<A0Source, { readonly hours: number; readonly mode: CureMode }>> = {
  settle: { hours: 24, mode: 'settle' },
  'milk-paint': { hours: 24, mode: 'oxidise' },
  shellac: { hours: 48, mode: 'evaporate' },
  friction: { hours: 168, mode: 'evaporate' },
  'hard-wax': { hours: 168, mode: 'oxidise' },
  'metallic-driers': { hours: 168, mode: 'oxidise' },
  'tung-heat-bodied': { hours: 168, mode: 'oxidise' },
  'tung-oil': { hours: 240, mode: 'oxidise' },
  'linseed-heat-bodied': { hours: 240, mode: 'oxidise' },
  'walnut-heat-treated': { hours: 240, mode: 'oxidise' },
  'wiping-varnish': { hours: 240, mode: 'oxidise' },
  'hemp-oil': { hours: 336, mode: 'oxidise' },
  'walnut-oil-raw': { hours: 336, mode: 'oxidise' },
  'raw-linseed': { hours: 504, mode: 'oxidise' },
  bought: { hours: 240, mode: 'oxidise' },
};
export const A0_SOURCES = [
  'settle',
  'milk-paint',
  'shellac',
  'friction',
  'hard-wax',
  'metallic-driers',
  'tung-heat-bodied',
  'tung-oil',
  'linseed-heat-bodied',
  'walnut-heat-treated',
  'wiping-varnish',
  'hemp-oil',
  'walnut-oil-raw',
  'raw-linseed',
  'bought',
] as const;
export type A0Source = (typeof A0_SOURCES)[number];

/** A drying ingredient counts from this share of what stays beside the wax. Source: working estimate. */
export const COUNTS_FROM_SHARE = 0.1;
/** On a wood whose own oils hold it back, what dries needs this much longer. Source: working estimate. */
export const SLOW_WOOD_FACTOR = 1.5;

const BY_INGREDIENT: Readonly<Record<string, A0Source>> = {
  'tung-oil': 'tung-oil',
  'tung-oil-heat-bodied': 'tung-heat-bodied',
  'linseed-heat-bodied': 'linseed-heat-bodied',
  'walnut-oil-heat-treated': 'walnut-heat-treated',
  'walnut-oil-raw': 'walnut-oil-raw',
  'flaxseed-oil': 'raw-linseed',
  'linseed-raw-solvent': 'raw-linseed',
  'linseed-boiled-driers': 'metallic-driers',
  'hemp-oil': 'hemp-oil',
  'wiping-varnish': 'wiping-varnish',
  'shellac-solution': 'shellac',
  'shellac-flake': 'shellac',
  'milk-paint-powder': 'milk-paint',
  'isocyanate-hardener': 'hard-wax',
};

/** What sets an ingredient by; of one of the shop's own by what it is like. One that dries and of which nothing else is known takes as long as the slowest. */
function sourceOf(one: Ingredient): readonly A0Source[] {
  const { id, dries } = one;
  const known = BY_INGREDIENT[likeOf(one)];
  if (known) return [known];
  return dries === 'drying' && isOwnMaterial(id) ? [SLOWEST] : [];
}
const SLOWEST: A0Source = 'raw-linseed';

/** A line of a material: the ingredient and its mass fraction as applied. */
export type AppliedLine = { readonly ingredient: Ingredient; readonly w: number };

/** Hours needed at 20 °C, what sets them, and how that sets. */
export type Needs = { readonly hours: number; readonly source: A0Source | 'label'; readonly mode: CureMode };

/** What a bought finish sets like where its label gives no hours, by what it is; any other that dries as an oil whose kind is not known. */
export const BOUGHT_LIKE: Readonly<Record<string, A0Source>> = {
  'hard-wax-oil': 'hard-wax',
  'resin-seal': 'shellac',
  polish: 'friction',
  varnish: 'wiping-varnish',
};

/**
 * Hours a bought finish needs: its label's own, else those of what it is; its contents need not be known.
 * @param role what the shop calls it; null where nobody said
 * @param labelHours hours to food from the label
 */
export function a0OfBought(role: string | null, drying: 'drying' | 'never', labelHours: number | null): Needs {
  const like = drying === 'never' ? needsOf('settle') : needsOf(BOUGHT_LIKE[role ?? ''] ?? 'bought');
  return labelHours === null ? like : { ...like, hours: labelHours, source: 'label' };
}

/** What a wood that holds back what dries makes of the hours. */
export const onWood = (needs: Needs, slowsCure: boolean): Needs =>
  slowsCure && needs.mode === 'oxidise' ? { ...needs, hours: needs.hours * SLOW_WOOD_FACTOR } : needs;

const needsOf = (source: A0Source): Needs => ({ ...A0[source], source });

/**
 * Hours a material needs: that of its slowest drying ingredient that makes up at least a tenth of what stays of the non-wax part; it
 * settles where nothing dries; a polish of resin and oil takes as long as its oil, and at least as a polish does.
 * @param onSlowWood the wood holds back what dries
 * @returns null for a blend that stays tacky: it never is
 */
export function a0Of(lines: readonly AppliedLine[], catalogue: Catalogue, onSlowWood = false): Needs | null {
  const drying: Drying = dryingOf(
    lines.map((line) => ({ ...line, parts: line.w })),
    catalogue,
  );
  if (drying === 'mixed') return null;
  if (drying === 'never') return needsOf('settle');
  const left = lines.flatMap(({ ingredient, w }) =>
    ingredient.family === 'wax' ? [] : [{ ingredient, left: w * (1 - ingredient.volatileFraction) }],
  );
  const total = left.reduce((sum, line) => sum + line.left, 0);
  const counting = left.filter((line) => line.left >= COUNTS_FROM_SHARE * total - 1e-9);
  const sources = counting.flatMap(({ ingredient }) => sourceOf(ingredient));
  const oils = left.filter(
    ({ ingredient }) => ingredient.family.endsWith('oil') && counting.some((one) => one.ingredient === ingredient),
  );
  const isPolish = sources.includes('shellac') && oils.length > 0;
  const slowest =
    [...sources, ...(isPolish ? (['friction'] as const) : [])].sort((a, b) => A0[b].hours - A0[a].hours)[0] ?? 'settle';
  const needs = needsOf(slowest);
  return onWood(needs, onSlowWood);
}

/** What a finish comes to in turn; these are different things. */
export const MILESTONE_IDS = ['touch', 'recoat', 'handle', 'buff', 'food', 'sale'] as const;
export type MilestoneId = (typeof MILESTONE_IDS)[number];
type Shares = Readonly<Record<MilestoneId, number>>;

/** Milestones as shares of A0 of an oil. Source: working estimates. */
export const OIL_SHARES: Shares = { touch: 0.05, recoat: 0.1, handle: 0.25, buff: 0.4, food: 1, sale: 1 };

/**
 * Where a finish goes its own way: resin is dry as its alcohol leaves; what never dries may be oiled again at once. Working estimates; each recoat lies in the rest of the regimen that ships for it.
 */
const OWN_SHARES: Readonly<Partial<Record<A0Source, Partial<Shares>>>> = {
  settle: { touch: 0.04, recoat: 0.02, handle: 0.04, buff: 0.08 },
  shellac: { touch: 0.01, recoat: 0.015, handle: 0.08 },
  friction: { touch: 0.002, recoat: 0.004, handle: 0.009, buff: 0.04 },
  'wiping-varnish': { touch: 0.03, handle: 0.2, buff: 0.5 },
};

/** The milestones of what sets, each as a share of its A0, in the order they are reached. */
export const milestones = (source: Needs['source']): readonly { readonly id: MilestoneId; readonly share: number }[] =>
  MILESTONE_IDS.map((id) => ({ id, share: (source === 'label' ? undefined : OWN_SHARES[source]?.[id]) ?? OIL_SHARES[id] })).sort(
    (a, b) => a.share - b.share,
  );
