'use server';

import { z } from 'zod';
import { USES, WASHES } from '@/core/care';
import { fail, parseMoney, parsePositive } from '@/core/quantity';
import { sellPieces } from '@/data/care/commands';
import { theShop } from '@/data/shop/queries';
import { act, type Answer, reader } from '../shop/act';

const Sale = z.object({
  batchId: z.int().positive(),
  pieces: z.string(),
  price: z.string(),
  buyer: z.string().max(160),
  soldOn: z.iso.date(),
  use: z.enum(USES),
  wash: z.enum(WASHES),
  upkeep: z.enum(['re-oils', 'will-not', 'unknown']),
});

/** Sells pieces of a released batch; each gets its care plan. */
export async function sell(input: unknown): Promise<Answer<{ readonly codes: readonly string[] }>> {
  return act(Sale, input, (db, { pieces, price, ...rest }, by) => {
    const read = reader();
    const count = read.take('pieces', parsePositive(pieces));
    const priceMinor = price.trim() === '' ? null : read.take('price', parseMoney(price, theShop(db).currency));
    if (count === undefined || priceMinor === undefined) return { ok: false, issues: read.issues };
    if (!Number.isInteger(count)) return fail('invalid', 'pieces', { detail: 'a whole number of pieces' });
    return sellPieces(db, { ...rest, pieces: count, priceMinor }, by);
  });
}
