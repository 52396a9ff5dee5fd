'use server';

import { z } from 'zod';
import { GATES } from '@/core/release';
import { WAYS } from '@/core/regimen';
import { decideRelease, sayLabelled, setPrice } from '@/data/release/commands';
import { GATE_WORDS } from '@/messages';
import { act, type Answer, moneyOf, reader } from '../shop/act';

const Decision = z.object({
  batchId: z.int().positive(),
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
  batchId: z.int().positive(),
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
  return act(z.object({ batchId: z.int().positive() }), input, (db, { batchId }, by) => sayLabelled(db, batchId, by));
}
