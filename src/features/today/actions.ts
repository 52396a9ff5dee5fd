'use server';

import { z } from 'zod';
import { rowId } from '@/web/shapes';
import { instantOf } from '@/core/quantity';
import { pinStep } from '@/data/plan/pins';
import { theShop } from '@/data/shop/queries';
import { act, type Answer } from '@/web/act';

const Where = z.object({ batchId: rowId, task: z.string().min(1).max(120) });

/** Holds a step to a moment that was dragged to (UTC ms) or typed (the shop's wall clock). */
export async function holdStep(input: unknown): Promise<Answer> {
  return act(Where.extend({ at: z.union([rowId, z.string().min(1)]) }), input, (db, { at, ...where }, by) => {
    if (typeof at === 'number') return pinStep(db, where, at, by);
    const read = instantOf(at, theShop(db).zone);
    return read.ok
      ? pinStep(db, where, read.value, by)
      : { ok: false, issues: read.issues.map((issue) => ({ ...issue, path: 'startAt' })) };
  });
}

/** Lets the plan choose again. */
export async function letGo(input: unknown): Promise<Answer> {
  return act(Where, input, (db, where, by) => pinStep(db, where, null, by));
}
