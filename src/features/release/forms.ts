import { z } from 'zod';
import { LANGUAGES, USES, WASHES } from '@/core/care';
import { chosenRowOrNone, typedCount } from '@/core/contract';
import { countryOrNone, emailOrNone } from '@/trade/shapes';

/** The forms of the release, field by field; their actions read the same. */
export const SaleFields = z.object({
  pieces: typedCount('pieces'),
  price: z.string().max(40),
  buyer: z.string().max(160),
  email: emailOrNone,
  soldOn: z.iso.date(),
  use: z.enum(USES),
  wash: z.enum(WASHES),
  upkeep: z.enum(['re-oils', 'will-not', 'unknown']),
  language: z.enum(LANGUAGES),
  country: countryOrNone,
  bottle: chosenRowOrNone,
});
/** What is said of a decision; its reason stands on the record. */
export const DecisionFields = z.object({ reason: z.string().max(2000) });
export const PriceFields = z.object({ wood: z.string().max(40), price: z.string().max(40), jar: chosenRowOrNone });
