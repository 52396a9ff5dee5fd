'use server';

import { z } from 'zod';
import { settleHeld, takeShipped, tellNotices } from '@/data/facts/facts';
import { rowId } from '@/trade/shapes';
import { type Answer, act } from '@/web/act';

const Id = rowId;

/** Says that what has changed was read. Held pieces stay held. */
export async function sayRead(input: unknown): Promise<Answer> {
  return act(z.object({ ids: z.array(Id).max(1000) }), input, (db, { ids }, by) => tellNotices(db, ids, by));
}

/** Says what becomes of held pieces. */
export async function settleNotice(input: unknown): Promise<Answer> {
  return act(z.object({ id: Id, settled: z.enum(['sell', 'keep']), reason: z.string().max(300) }), input, settleHeld);
}

/** Takes the shipped revision of a regimen as the shop's next one. */
export async function takeOffered(input: unknown): Promise<Answer> {
  return act(z.object({ id: Id }), input, (db, { id }, by) => takeShipped(db, id, by));
}
