'use server';

import { z } from 'zod';
import { rowId } from '@/web/shapes';
import { SURFACES } from '@/core/piece';
import { MARKS } from '@/core/regimen';
import { startRestoration, wentBack } from '@/data/restore/restore';
import { act, type Answer, moneyOf, reader } from '@/web/act';

const text = z.string().trim().max(200);
const Job = z.object({
  code: text,
  owner: text,
  wasFinishedWith: text,
  bill: text,
  marks: z.array(z.object({ surface: z.enum(SURFACES), mark: z.enum(MARKS) })).max(40),
  designRevisionId: rowId,
  speciesId: z.string().min(1),
  regimenRevisionId: rowId,
  lotId: rowId.nullable(),
});

/** Takes a piece in that comes home. */
export async function takeIn(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(Job, input, (db, { bill, designRevisionId, speciesId, regimenRevisionId, lotId, ...job }, by) => {
    const read = reader();
    const billMinor = read.orNone('bill', bill, moneyOf(db));
    if (billMinor === undefined) return { ok: false, issues: read.issues };
    return startRestoration(
      db,
      { ...job, billMinor },
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
  return act(z.object({ batchId: rowId, bill: text }), input, (db, { batchId, bill }, by) => {
    const read = reader();
    const billMinor = read.orNone('bill', bill, moneyOf(db));
    return billMinor === undefined ? { ok: false, issues: read.issues } : wentBack(db, { batchId, billMinor }, by);
  });
}
