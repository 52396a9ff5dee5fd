import type { FinishClass } from '@/core/piece';

/** What is true of a finish as its owner meets it; everything that asks about one reads it here. */
export type CareTraits<Id extends string = string> = {
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
  readonly withoutWax: Id | null;
};

export const careClass = <const T extends CareTraits>(of: T): T => of;
