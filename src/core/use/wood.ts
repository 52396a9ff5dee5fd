import { z } from 'zod';
import type { FoodVerdict, PieceUse } from '@/core/material';
import type { Layer } from './finish';

/** What holds woods together, and what its maker's paper says of food; not asked is unknown. */
export const Glue = z.object({ name: z.string().min(1).max(80), food: z.enum(['yes', 'no', 'unknown']) });
export type Glue = z.output<typeof Glue>;

/** Verdicts, the mildest first: a wood nobody can name is worse than one to be careful with. */
const STRICTER: readonly FoodVerdict[] = ['good', 'caution', 'unknown', 'avoid', 'toxic'];

type Wood = { readonly food: FoodVerdict; readonly keepOff: readonly PieceUse[] };

/** The verdict of several woods in one piece: the strictest counts, and what any of them is kept off. */
export function strictest(first: Wood, others: readonly Wood[]): { readonly food: FoodVerdict; readonly keepOff: PieceUse[] } {
  const all = [first, ...others];
  const food = STRICTER[Math.max(...all.map((one) => STRICTER.indexOf(one.food)))] ?? 'unknown';
  // What a wood to be careful with is kept off stays so beside a worse one.
  return { food, keepOff: [...new Set(all.flatMap((one) => one.keepOff))] };
}

/** A glue as its gates see it: what is fit for food adds nothing; what nobody asked about is undeclared. */
export const layerOfGlue = ({ food }: Glue): Layer => ({
  contact: food === 'no' ? 'not-for-food' : 'food-grade',
  filmForming: false,
  drying: 'drying',
  waxEquivalent: 0,
  allergens: [],
  undeclared: food === 'unknown',
  statement: [],
});
