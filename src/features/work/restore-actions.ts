'use server';

import { z } from 'zod';
import { SURFACES } from '@/core/piece';
import { ok, parseMoney, type Result } from '@/core/quantity';
import { MARKS } from '@/core/regimen';
import { startRestoration, wentBack } from '@/data/restore/restore';
import { theShop } from '@/data/shop/queries';
import { act, type Answer } from '../shop/act';

const id = z.int().positive();
const text = z.string().trim().max(200);
const Job = z.object({
  code: text,
  owner: text,
  wasFinishedWith: text,
  bill: text,
  marks: z.array(z.object({ surface: z.enum(SURFACES), mark: z.enum(MARKS) })).max(40),
  designRevisionId: id,
  speciesId: z.string().min(1),
  regimenRevisionId: id,
  lotId: id.nullable(),
});

const moneyOrNone = (typed: string, currency: string): Result<number | null> =>
  typed === '' ? ok(null) : parseMoney(typed, currency);

/** Takes a piece in that comes home. */
export async function takeIn(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(Job, input, (db, { bill, designRevisionId, speciesId, regimenRevisionId, lotId, ...job }, by) => {
    const billMinor = moneyOrNone(bill, theShop(db).currency);
    if (!billMinor.ok) return { ok: false, issues: billMinor.issues.map((issue) => ({ ...issue, path: 'bill' })) };
    return startRestoration(
      db,
      { ...job, billMinor: billMinor.value },
      {
        designRevisionId,
        speciesId,
        origin: 'bought',
        pieces: 1,
        regimenRevisionId,
        materials: lotId === null ? {} : { oil: lotId },
        startAt: by.nowMs,
        dueAt: null,
      },
      by,
    );
  });
}

/** It went back to its owner. */
export async function sendBack(input: unknown): Promise<Answer> {
  return act(z.object({ batchId: id, bill: text }), input, (db, { batchId, bill }, by) => {
    const billMinor = moneyOrNone(bill, theShop(db).currency);
    return billMinor.ok
      ? wentBack(db, { batchId, billMinor: billMinor.value }, by)
      : { ok: false, issues: billMinor.issues.map((issue) => ({ ...issue, path: 'bill' })) };
  });
}
