import { z } from 'zod';
import type { FoodVerdict, PieceUse } from '@/core/material';
import type { FinishLayer } from './finish';

/** What makers put into or onto a piece beside its wood, its glue and its finish. */
export const ADDED = ['filler', 'casting', 'dye', 'burning', 'metal', 'magnet', 'feet'] as const;
export type Added = (typeof ADDED)[number];
/** Of these the contents matter where food lies: who made them must say. */
const ASKED: readonly Added[] = ['filler', 'casting', 'dye'];

/** What holds woods together and what fills, colours or stands on them, and what its maker's paper says of food; not asked is unknown. */
export const Glue = z.object({
  name: z.string().max(80),
  food: z.enum(['yes', 'no', 'unknown']),
  /** What else is in or on the piece beside wood and finish. */
  with: z.array(z.enum(ADDED)).default([]),
});
export type Glue = z.output<typeof Glue>;

/** Glue and what else is in a piece, as they were typed; nothing where there is neither. */
export const glueOf = (name: string, food: Glue['food'], added: readonly Added[]): Glue | null =>
  name.trim() === '' && added.length === 0 ? null : { name: name.trim(), food, with: [...added] };

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

/** Glue, filler, casting and dye as gates see them: what is fit for food adds nothing; what nobody asked about is undeclared. */
export const layerOfGlue = ({ name, food, with: added }: Glue): FinishLayer => ({
  contact: food === 'no' ? 'not-for-food' : 'food-grade',
  filmForming: false,
  drying: 'drying',
  waxEquivalent: 0,
  allergens: [],
  undeclared: food === 'unknown' && (name !== '' || added.some((one) => ASKED.includes(one))),
  statement: [],
});
