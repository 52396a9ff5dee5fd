import { z } from 'zod';
import { typed, typedOrNone } from '@/core/contract';
import { PIECE_USES } from '@/core/material';
import { parseMass, parsePositive } from '@/core/quantity';
import { reads } from '@/web/here';

/** The forms of a batch, field by field; their actions read the same. */

/** How an entry of the coat book should have read; its moment is on the shop's wall clock. */
export const CorrectionFields = z.object({
  at: z.string().max(100).min(1).max(40),
  grams: typedOrNone((one) => parseMass(one, reads())),
  seen: z.string().max(2000),
  sure: z.boolean(),
});
export const MoistureFields = z.object({
  percent: typed((text) => parsePositive(text.replace('%', ''))),
  spot: z.string().trim().max(80),
  valid: z.enum(['yes', 'no']),
});
/** A piece before a coat, and after it when that is known already. */
export const DrinkFields = z
  .object({ before: typed((one) => parseMass(one, reads())), after: typedOrNone((one) => parseMass(one, reads())) })
  .transform((drink, ctx) => {
    if (drink.after !== null && drink.after < drink.before)
      ctx.addIssue({ code: 'custom', path: ['after'], params: { code: 'lighter-after' } });
    return drink;
  });

/** What a running batch is for from now on, and why. */
export const UseChange = z.object({
  uses: z.array(z.enum(PIECE_USES)).max(PIECE_USES.length).min(1),
  why: z.string().trim().min(1).max(300),
});
