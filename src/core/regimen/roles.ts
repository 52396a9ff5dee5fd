import { type Catalogue, ingredientOf, likeOf, type Role } from '@/core/material';
import type { FinishClass } from '@/core/piece';
import type { RegimenStep, Slot } from './schema';

/** From this share of the mass a solvent thins an oil. Source: working estimate. */
export const THINNED_FROM = 0.05;
/** An oil with more solvent than this is a thinner with some oil in it. Source: working estimate; the house rule is half. */
export const THINNER_FROM = 0.75;
/** From this share of the mass wax makes an oil an oil-wax. Source: working estimate. */
export const WAXED_FROM = 0.01;
/** From this wax equivalent on a blend is rubbed on as a wax. Source: the bands of feel (blend/feel), firm paste and harder. */
export const HARD_FROM = 0.24;
/** Wax equivalent up to which a material is poured, from which it may be rubbed in, and past which it is no paste any more. Source: the bands of feel (blend/feel). */
export const POURED_BELOW = 0.14;
export const PASTE_FROM = 0.06;
export const PASTE_UP_TO = 0.85;

type Line = { readonly ingredient: string; readonly massFraction: number };

/** What a blend is, by what is in it and how it feels; nothing for a thinner, for water, or for a powder that was not mixed. */
export function rolesOf(lines: readonly Line[], waxEquivalent: number, catalogue: Catalogue): Role[] {
  const known = lines.map(({ ingredient, massFraction }) => ({ one: ingredientOf(ingredient, catalogue), w: massFraction }));
  const share = (is: (one: (typeof known)[number]['one']) => boolean): number =>
    known.reduce((sum, { one, w }) => sum + (is(one) ? w : 0), 0);
  if (share((one) => one.family === 'paint') > 0) return share((one) => likeOf(one) === 'water') > 0 ? ['paint'] : [];
  const oil = share((one) => one.family.endsWith('oil'));
  const wax = share((one) => one.family === 'wax');
  const volatile = share((one) => one.volatileFraction === 1);
  if (share((one) => likeOf(one) === 'wiping-varnish') > 0) return ['varnish'];
  if (share((one) => likeOf(one) === 'isocyanate-hardener') > 0) return oil > 0 ? ['hard-wax-oil'] : [];
  if (share((one) => one.family === 'resin') > 0) {
    if (oil + wax > 0) return ['polish'];
    return share((one) => likeOf(one) === 'shellac-solution') > 0 || volatile > 0 ? ['resin-seal'] : [];
  }
  if ((volatile >= THINNER_FROM && waxEquivalent < PASTE_FROM) || oil + wax === 0) return [];
  const isPaste = wax > 0 && waxEquivalent >= PASTE_FROM && waxEquivalent < PASTE_UP_TO && oil + volatile > 0;
  const isOil = oil > 0 && waxEquivalent < POURED_BELOW;
  return [
    ...(isOil && volatile < THINNED_FROM ? (['neat-oil'] as const) : []),
    ...(isOil && volatile >= THINNED_FROM ? (['thinned-oil'] as const) : []),
    ...(oil > 0 && wax >= WAXED_FROM && waxEquivalent < PASTE_UP_TO ? (['oil-wax'] as const) : []),
    ...(isPaste ? (['paste'] as const) : []),
    // Hard by itself: what is hard only until its solvent is in the air is a paste.
    ...(wax > 0 && waxEquivalent >= HARD_FROM && volatile === 0 ? (['hard-wax'] as const) : []),
  ];
}

/** What a slot may take where it does not say so itself: by how its coats lie on the wood. */
const BY_CLASS: Readonly<Record<FinishClass, readonly Role[]>> = {
  'flood-oil': ['neat-oil', 'thinned-oil'],
  bath: ['neat-oil'],
  'thin-oil': ['neat-oil', 'thinned-oil'],
  'oil-wax': ['oil-wax', 'hard-wax-oil'],
  'hard-wax': ['hard-wax-oil'],
  'wax-paste': ['paste'],
  friction: ['polish', 'resin-seal'],
  film: ['resin-seal', 'varnish'],
};

/** The families a slot of a regimen takes: its own, or those its coats stand for. */
export function rolesFor(slot: Slot, steps: readonly RegimenStep[]): readonly Role[] {
  if (slot.roles.length > 0) return slot.roles;
  const classes = steps.flatMap((step) => (step.slot === slot.slot && step.coatClass ? [step.coatClass] : []));
  return [...new Set(classes.flatMap((one) => BY_CLASS[one]))];
}

/** What a bought finish may be used as: what the shop calls it; where nobody said, what its feel and its drying leave open. */
export function rolesOfBought(role: Role | null, isPaste: boolean, drying: 'drying' | 'never'): Role[] {
  if (role !== null) return isPaste && role === 'oil-wax' ? ['oil-wax', 'paste'] : [role];
  if (isPaste) return drying === 'drying' ? ['paste', 'oil-wax'] : ['paste'];
  return drying === 'drying' ? ['oil-wax', 'hard-wax-oil'] : ['neat-oil'];
}
