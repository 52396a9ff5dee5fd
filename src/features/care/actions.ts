'use server';

import { z } from 'zod';
import { USES, WASHES } from '@/core/care';
import { fail, parseMoney, parsePositive } from '@/core/quantity';
import { eraseOwner, seeReport } from '@/data/care/owners';
import { sellPieces } from '@/data/care/commands';
import { theShop } from '@/data/shop/queries';
import { revalidatePath } from 'next/cache';
import { session } from '../shop/session';
import { postRound, removeLetters } from './post-round';
import { act, type Answer, reader } from '../shop/act';

const Sale = z.object({
  batchId: z.int().positive(),
  pieces: z.string(),
  price: z.string(),
  buyer: z.string().max(160),
  email: z.union([z.literal(''), z.email()]).default(''),
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

/** Someone of the shop has read what an owner said. */
export async function markSeen(input: unknown): Promise<Answer> {
  return act(z.object({ id: z.int().positive() }), input, (db, { id }, by) => seeReport(db, id, by.nowMs));
}

/** Forgets one person; what went to them as files goes as well. */
export async function erase(input: unknown): Promise<Answer> {
  const erased = await act(z.object({ ownerId: z.int().positive() }), input, (db, { ownerId }, by) =>
    eraseOwner(db, ownerId, by.nowMs),
  );
  if (!erased.ok) return erased;
  removeLetters(erased.value.files);
  return { ok: true, value: undefined };
}

/** Writes and sends what is due now, without waiting for the shop's own round. */
export async function sendNow(): Promise<Answer<{ readonly sent: number; readonly failed: number }>> {
  const { db, nowMs } = await session();
  const value = await postRound(db, nowMs);
  revalidatePath('/', 'layout');
  return { ok: true, value };
}
