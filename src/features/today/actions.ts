'use server';

import { z } from 'zod';
import { atPath, instantOf, ok } from '@/core/quantity';
import { pinStep } from '@/data/plan/pins';
import { theShop } from '@/data/shop/queries';
import { rowId } from '@/trade/shapes';
import { type Answer, act } from '@/web/act';
import { HoldFields } from './forms';

const Where = z.object({ batchId: rowId, task: z.string().max(100).min(1).max(120) });

/** Holds a step to a moment that was dragged to (UTC ms) or typed (the shop's wall clock). */
export async function holdStep(input: unknown): Promise<Answer> {
  return act(Where.extend({ at: z.union([rowId, HoldFields.shape.at]) }), input, (db, { at, ...where }, by) => {
    const moment = typeof at === 'number' ? ok(at) : instantOf(at, theShop(db).zone);
    const held = moment.ok ? pinStep(db, where, moment.value, by) : moment;
    // Whatever is wrong is wrong with the moment.
    return atPath('at', held);
  });
}

/** Lets the plan choose again. */
export async function letGo(input: unknown): Promise<Answer> {
  return act(Where, input, (db, where, by) => pinStep(db, where, null, by));
}
