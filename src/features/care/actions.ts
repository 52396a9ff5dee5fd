'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { LANGUAGES, USES, WASHES } from '@/core/care';
import { eraseOwner, reportCare, seeReport } from '@/data/care/owners';
import { changePlan, setHolder } from '@/data/care/plans';
import { sellTins } from '@/data/care/tins';
import { dropFile } from '@/data/files';
import { retryLetter } from '@/data/mail/send';
import { settleDrafts } from '@/data/mail/write';
import { countryOrNone, emailOrNone, rowId } from '@/trade/shapes';
import { type Answer, act, moneyOf, reader } from '@/web/act';
import { session } from '@/web/session';
import { postRound, removeLetters } from './post-round';

/** Someone of the shop has read what an owner said. */
export async function markSeen(input: unknown): Promise<Answer> {
  return act(z.object({ id: rowId }), input, (db, { id }, by) => seeReport(db, id, by.nowMs));
}

/** Forgets one person; what went to them as files goes as well. */
export async function erase(input: unknown): Promise<Answer> {
  const erased = await act(z.object({ ownerId: rowId }), input, (db, { ownerId }, by) => eraseOwner(db, ownerId, by.nowMs));
  if (!erased.ok) return erased;
  removeLetters(erased.value.files);
  erased.value.photos.forEach(dropFile);
  return { ok: true, value: undefined };
}

/** Writes and sends what is due now, without waiting for the shop's own round. */
export async function sendNow(): Promise<Answer<{ readonly sent: number; readonly failed: number }>> {
  const { db, nowMs } = await session();
  const value = await postRound(db, nowMs);
  revalidatePath('/', 'layout');
  return { ok: true, value };
}

const code = z.string().max(100).min(1).max(40);
const Plan = z.object({ code, language: z.enum(LANGUAGES), country: countryOrNone, use: z.enum(USES), wash: z.enum(WASHES) });

/** Where a sold piece lives and how it is used; its looks follow. */
export async function savePlan(input: unknown): Promise<Answer> {
  return act(Plan, input, (db, plan, by) => changePlan(db, plan, by.nowMs));
}

/** Who has a sold piece now. */
export async function saveHolder(input: unknown): Promise<Answer> {
  return act(z.object({ code, name: z.string().max(160), email: emailOrNone }), input, (db, holder) => setHolder(db, holder));
}

const Note = z.object({ code, kind: z.enum(['re-oiled', 'wrong', 'returned', 'ended']), note: z.string().max(2000) });

/** What an owner told the shop by mouth or letter, or what came of a piece. */
export async function noteReport(input: unknown): Promise<Answer> {
  return act(Note, input, (db, report, by) => reportCare(db, { ...report, personId: by.personId }, by.nowMs));
}

const Refill = z.object({
  code,
  lotId: z.coerce.number<string>().int().positive(),
  price: z.string().max(40),
  soldOn: z.iso.date(),
});

/** One more tin for a sold piece, from the lot it is in. */
export async function sellRefill(input: unknown): Promise<Answer<unknown>> {
  return act(Refill, input, (db, { code: withPiece, price, ...rest }, by) => {
    const read = reader();
    const priceMinor = read.orNone('price', price, moneyOf(db));
    if (priceMinor === undefined) return { ok: false, issues: read.issues };
    return sellTins(db, { ...rest, withPiece, buyer: '', count: 1, priceMinor }, by);
  });
}

const Settled = z.object({ ids: z.array(rowId).min(1).max(10_000), send: z.boolean() });

/** Drafts go, or do not. */
export async function settle(input: unknown): Promise<Answer> {
  return act(Settled, input, (db, { ids, send }) => settleDrafts(db, ids, send));
}

/** A letter that did not go is tried again. */
export async function tryAgain(input: unknown): Promise<Answer> {
  return act(z.object({ id: rowId }), input, (db, { id }) => retryLetter(db, id));
}
