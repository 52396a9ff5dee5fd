'use server';

import { z } from 'zod';
import { countryOrNone, emailOrNone, rowId } from '@/web/shapes';
import { LANGUAGES, USES, WASHES } from '@/core/care';
import { fail, parsePositive } from '@/core/quantity';
import { GATES } from '@/core/release';
import { WAYS } from '@/core/regimen';
import { sellPieces } from '@/data/care/commands';
import { decideRelease, sayLabelled, setPrice } from '@/data/release/commands';
import { GATE_WORDS } from '@/messages';
import { act, type Answer, moneyOf, reader } from '@/web/act';

const Decision = z.object({
  batchId: rowId,
  outcome: z.enum(['released', 'refused']),
  reason: z.string().max(2000),
  signed: z.array(z.enum(GATES)),
  refusal: z.object({ next: z.enum(['mend', 'reject']), way: z.enum(WAYS).nullable() }).optional(),
});

/** Releases or refuses a batch. */
export async function decide(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(Decision, input, (db, decision, by) => {
    const decided = decideRelease(db, decision, by);
    if (decided.ok) return decided;
    // The gate is named as the screen names it.
    return {
      ok: false,
      issues: decided.issues.map((issue) =>
        issue.code === 'gate-unmet'
          ? { ...issue, path: '', with: { gate: GATE_WORDS[issue.with?.gate as keyof typeof GATE_WORDS]?.name ?? '' } }
          : issue,
      ),
    };
  });
}

const Prices = z.object({
  batchId: rowId,
  wood: z.string().max(40),
  price: z.string().max(40),
  jar: z.string().max(20),
});

/** Wood, price and jar of a batch's pieces; empty is not known, no jar is none. */
export async function savePrice(input: unknown): Promise<Answer> {
  return act(Prices, input, (db, { batchId, wood, price, jar }, by) => {
    const read = reader();
    const money = moneyOf(db);
    const [woodMinor, priceMinor] = [read.orNone('wood', wood, money), read.orNone('price', price, money)];
    if (woodMinor === undefined || priceMinor === undefined) return { ok: false, issues: read.issues };
    return setPrice(db, { batchId, woodMinor, priceMinor, jarLotId: jar === '' ? null : Number(jar) }, by);
  });
}

/** Tags and labels are on. */
export async function putLabelsOn(input: unknown): Promise<Answer> {
  return act(z.object({ batchId: rowId }), input, (db, { batchId }, by) => sayLabelled(db, batchId, by));
}

const Sale = z.object({
  batchId: rowId,
  pieces: z.string(),
  price: z.string(),
  buyer: z.string().max(160),
  email: emailOrNone.default(''),
  soldOn: z.iso.date(),
  use: z.enum(USES),
  wash: z.enum(WASHES),
  upkeep: z.enum(['re-oils', 'will-not', 'unknown']),
  language: z.enum(LANGUAGES),
  country: countryOrNone,
  bottle: z.string().regex(/^\d*$/),
});

/** Sells pieces of a released batch; each gets its care plan. */
export async function sell(input: unknown): Promise<Answer<{ readonly codes: readonly string[] }>> {
  return act(Sale, input, (db, { pieces, price, bottle, ...rest }, by) => {
    const read = reader();
    const count = read.take('pieces', parsePositive(pieces));
    const priceMinor = read.orNone('price', price, moneyOf(db));
    if (count === undefined || priceMinor === undefined) return { ok: false, issues: read.issues };
    if (!Number.isInteger(count)) return fail('invalid', 'pieces', { detail: 'a whole number of pieces' });
    return sellPieces(db, { ...rest, pieces: count, priceMinor, bottleLotId: bottle === '' ? null : Number(bottle) }, by);
  });
}
