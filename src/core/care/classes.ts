import type { FinishClass } from '@/core/piece';

/** What is true of a finish as its owner meets it; everything that asks about one reads it here. */
type CareTraits = {
  /** Days between looks for weekly use, washed by hand; null: it has none. Source: working estimates. */
  readonly baseDays: number | null;
  /** What one treatment takes, as a coat class; null: none is put on. */
  readonly treatment: FinishClass | null;
  /** What renews it: what never dries on what never dries, what dries on what dries. */
  readonly renewedBy: 'never' | 'drying';
  /** Oil or wax that never dries: it washes out, takes no smell and wants bedding in. */
  readonly never: boolean;
  /** An oil that dries in the wood: it warms the colour, smells while it does and wears well. */
  readonly dries: boolean;
  /** It lies on the wood as a skin. */
  readonly film: boolean;
  /** It keeps for long without care: an owner who does none, or whom nobody knows, may have it. */
  readonly lastsWithoutCare: boolean;
  /** Hot food harms it not; or leaves rings. */
  readonly heat: 'stands' | 'marks' | null;
  /** What is left where its wax was left out. */
  readonly withoutWax: CareClass | null;
};

/** Source: practice.md, the schools; the days and treatments are working estimates. */
export const CARE_TRAITS = {
  'never-dry': {
    baseDays: 30,
    treatment: 'flood-oil',
    renewedBy: 'never',
    never: true,
    dries: false,
    film: false,
    lastsWithoutCare: false,
    heat: null,
    withoutWax: null,
  },
  'oil-wax': {
    baseDays: 45,
    treatment: 'oil-wax',
    renewedBy: 'never',
    never: true,
    dries: false,
    film: false,
    lastsWithoutCare: false,
    heat: 'marks',
    withoutWax: 'never-dry',
  },
  'drying-oil': {
    baseDays: 180,
    treatment: 'thin-oil',
    renewedBy: 'drying',
    never: false,
    dries: true,
    film: false,
    lastsWithoutCare: true,
    heat: 'stands',
    withoutWax: null,
  },
  'drying-oil-wax': {
    baseDays: 180,
    treatment: 'oil-wax',
    renewedBy: 'drying',
    never: false,
    dries: true,
    film: false,
    lastsWithoutCare: true,
    heat: null,
    withoutWax: 'drying-oil',
  },
  'hard-wax': {
    baseDays: 365,
    treatment: 'hard-wax',
    renewedBy: 'drying',
    never: false,
    dries: false,
    film: false,
    lastsWithoutCare: true,
    heat: 'stands',
    withoutWax: null,
  },
  film: {
    baseDays: 365,
    treatment: null,
    renewedBy: 'drying',
    never: false,
    dries: false,
    film: true,
    lastsWithoutCare: false,
    heat: 'marks',
    withoutWax: null,
  },
  friction: {
    baseDays: 180,
    treatment: 'friction',
    renewedBy: 'drying',
    never: false,
    dries: false,
    film: true,
    lastsWithoutCare: false,
    heat: 'marks',
    withoutWax: null,
  },
  bare: {
    baseDays: null,
    treatment: null,
    renewedBy: 'drying',
    never: false,
    dries: false,
    film: false,
    lastsWithoutCare: false,
    heat: 'stands',
    withoutWax: null,
  },
} as const satisfies Readonly<Record<string, Omit<CareTraits, 'withoutWax'> & { readonly withoutWax: string | null }>>;

/** Finishes as their owner meets them. */
export type CareClass = keyof typeof CARE_TRAITS;
export const CARE_CLASSES = Object.keys(CARE_TRAITS) as [CareClass, ...CareClass[]];
export const careTraits = (careClass: CareClass): CareTraits => CARE_TRAITS[careClass];
