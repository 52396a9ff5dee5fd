'use server';

import { z } from 'zod';
import { CHECK_KINDS } from '@/core/cure';
import { recordCheck, recordWeighing } from '@/data/cure/commands';
import { recordReading } from '@/data/shop/commands';
import { clientId, rowId } from '@/trade/shapes';
import { type Answer, act } from '@/web/act';
import { CheckFields, ReadingFields, WeighingFields } from './forms';

const Check = CheckFields.extend({
  clientId,
  batchId: rowId,
  kind: z.enum(CHECK_KINDS),
  pass: z.boolean(),
});

/** A judgement of a batch's finish, made now. */
export async function saveCheck(input: unknown): Promise<Answer> {
  return act(Check, input, (db, check, by) => recordCheck(db, { ...check, at: by.nowMs }, by));
}

/** What a batch's test piece weighs now. */
export async function saveWeighing(input: unknown): Promise<Answer> {
  return act(WeighingFields.extend({ clientId, batchId: rowId }), input, (db, { mass, ...rest }, by) =>
    recordWeighing(db, { ...rest, grams: mass, at: by.nowMs }, by),
  );
}

/** A room reading, typed. */
export async function saveReading(input: unknown): Promise<Answer> {
  return act(ReadingFields.extend({ clientId }), input, (db, { temp, ...rest }, by) =>
    recordReading(db, { ...rest, at: by.nowMs, tempC: temp }, by),
  );
}
