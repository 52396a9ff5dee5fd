'use server';

import { z } from 'zod';
import { takeSide } from '@/data/guide/rules';
import { sayNumbers } from '@/data/shop/commands';
import { type Answer, act } from '@/web/act';
import { NumberFields } from './forms';

/** The shop takes a side of its own, or goes back to the house's. */
export async function saySide(input: unknown): Promise<Answer> {
  return act(
    z.object({ question: z.string().max(60), school: z.string().max(60), reason: z.string().max(400) }),
    input,
    (db, side, by) => takeSide(db, side, by),
  );
}

/** The emergency number and the poison centre's, of where the shop stands. */
export async function saveNumbers(input: unknown): Promise<Answer> {
  return act(NumberFields.extend({ version: z.int() }), input, (db, { emergency, poison, version }) =>
    sayNumbers(db, { version, emergencyNumber: emergency, poisonNumber: poison }),
  );
}
