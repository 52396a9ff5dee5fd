'use server';

import { z } from 'zod';
import { WAYS } from '@/core/batch';
import { GATES } from '@/core/release';
import { sellPieces } from '@/data/care/commands';
import { decideRelease, sayLabelled, setPrice } from '@/data/release/commands';
import { splitBatch } from '@/data/work/split';
import { GATE_WORDS } from '@/messages';
import { rowId } from '@/trade/shapes';
import { type Answer, act, moneyOf, reader } from '@/web/act';
import { DecisionFields, PriceFields, SaleFields } from './forms';

const Decision = DecisionFields.extend({
  batchId: rowId,
  outcome: z.enum(['released', 'refused']),
  signed: z.array(z.enum(GATES)).max(GATES.length),
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

/** Wood, price and jar of a batch's pieces; empty is not known, no jar is none. */
export async function savePrice(input: unknown): Promise<Answer> {
  return act(PriceFields.extend({ batchId: rowId }), input, (db, { batchId, wood, price, jar }, by) => {
    const read = reader();
    const money = moneyOf(db);
    const [woodMinor, priceMinor] = [read.orNone('wood', wood, money), read.orNone('price', price, money)];
    if (woodMinor === undefined || priceMinor === undefined) return { ok: false, issues: read.issues };
    return setPrice(db, { batchId, woodMinor, priceMinor, jarLotId: jar }, by);
  });
}

/** Tags and labels are on. */
export async function putLabelsOn(input: unknown): Promise<Answer> {
  return act(z.object({ batchId: rowId }), input, (db, { batchId }, by) => sayLabelled(db, batchId, by));
}

/** Sells pieces of a released batch; each gets its care plan. */
export async function sell(input: unknown): Promise<Answer<{ readonly codes: readonly string[] }>> {
  return act(SaleFields.extend({ batchId: rowId }), input, (db, { price, bottle, ...rest }, by) => {
    const read = reader();
    const priceMinor = read.orNone('price', price, moneyOf(db));
    if (priceMinor === undefined) return { ok: false, issues: read.issues };
    return sellPieces(db, { ...rest, priceMinor, bottleLotId: bottle }, by);
  });
}

/** Pieces that do not pass go into a batch of their own. */
export async function judgeApart(input: unknown): Promise<Answer<{ readonly number: string }>> {
  const Apart = z.object({ batchId: rowId, pieces: z.string().max(2000), why: z.string().trim().max(200) });
  return act(Apart, input, (db, parting, by) => splitBatch(db, parting, by));
}
