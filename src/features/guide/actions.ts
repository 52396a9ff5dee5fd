'use server';

import { z } from 'zod';
import { takeSide } from '@/data/guide/rules';
import { act, type Answer } from '@/web/act';

/** The shop takes a side of its own, or goes back to the house's. */
export async function saySide(input: unknown): Promise<Answer> {
  return act(
    z.object({ question: z.string().max(60), school: z.string().max(60), reason: z.string().max(400) }),
    input,
    (db, side, by) => takeSide(db, side, by),
  );
}
