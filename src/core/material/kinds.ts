/** Families of ingredients, in the order they are shelved. */
export const FAMILIES = [
  'never-dry-oil',
  'culinary-oil',
  'semi-drying-oil',
  'drying-oil',
  'wax',
  'resin',
  'solvent',
  'paint',
  'carrier',
  'additive',
] as const;
export type Family = (typeof FAMILIES)[number];

/** How close to food a material may come, best first. */
export const CONTACTS = ['food-grade', 'once-cured', 'indirect-only', 'not-for-food'] as const;
export type Contact = (typeof CONTACTS)[number];

/** The worst of some contact classes; the best there is of none. */
export const worstOf = (classes: readonly Contact[]): Contact =>
  CONTACTS[Math.max(0, ...classes.map((one) => CONTACTS.indexOf(one)))] ?? 'food-grade';

/** Whether it sets to a solid, by halves (tacky for months), or never. */
export const DRIES = ['drying', 'semi', 'never'] as const;

/** What it mixes with; lines of two groups part again and must be shaken. */
export const MIX_GROUPS = ['oil', 'spirit', 'water'] as const;

export const POROSITIES = ['closed', 'fine-open', 'open', 'soft'] as const;
export type Porosity = (typeof POROSITIES)[number];

/** How fit a wood is for food. `unknown` is never shipped: it is the answer of a maker who cannot say which tree it is. */
export const FOOD_VERDICTS = ['good', 'caution', 'avoid', 'toxic', 'unknown'] as const;
export type FoodVerdict = (typeof FOOD_VERDICTS)[number];

/** Where a piece of wood came from: `felled` is a tree one felled and knows. */
export const ORIGINS = ['bought', 'offcut', 'felled', 'found', 'treated'] as const;
export type Origin = (typeof ORIGINS)[number];

export const PIECE_USES = ['food-wet', 'food-dry', 'hot-food', 'mouth', 'toy', 'knife', 'hands', 'display', 'outdoors'] as const;
export type PieceUse = (typeof PIECE_USES)[number];

/** What several films come to: any, none, or nobody knows. */
export const anyFilm = (films: readonly (boolean | 'unknown')[]): boolean | 'unknown' =>
  films.includes(true) || (films.includes('unknown') && 'unknown');
