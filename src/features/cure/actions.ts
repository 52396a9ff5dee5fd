'use server';

import { z } from 'zod';
import { CHECK_KINDS } from '@/core/cure';
import { parseMass } from '@/core/quantity';
import { recordCheck, recordWeighing } from '@/data/cure/commands';
import { act, type Answer } from '../shop/act';

const Check = z.object({
  clientId: z.string().min(8).max(64),
  batchId: z.int().positive(),
  kind: z.enum(CHECK_KINDS),
  pass: z.boolean(),
  note: z.string().max(2000),
});

/** A judgement of a batch's finish, made now. */
export async function saveCheck(input: unknown): Promise<Answer> {
  return act(Check, input, (db, check, by) => recordCheck(db, { ...check, at: by.nowMs }, by));
}

const Weighing = z.object({ clientId: z.string().min(8).max(64), batchId: z.int().positive(), mass: z.string().max(40) });

/** What a batch's test piece weighs now. */
export async function saveWeighing(input: unknown): Promise<Answer> {
  return act(Weighing, input, (db, { mass, ...rest }, by) => {
    const grams = parseMass(mass);
    if (!grams.ok) return { ok: false, issues: grams.issues.map((issue) => ({ ...issue, path: 'mass' })) };
    return recordWeighing(db, { ...rest, grams: grams.value, at: by.nowMs }, by);
  });
}
