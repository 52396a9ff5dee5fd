'use server';

import { z } from 'zod';
import { strikeSale } from '@/data/care/strike';
import { type Answer, act } from '@/web/act';

/** Takes the sale of some pieces back, while nothing came of it. */
export async function unsell(input: unknown): Promise<Answer> {
  return act(z.object({ codes: z.array(z.string().min(1).max(40)).min(1).max(1000) }), input, (db, { codes }, by) =>
    strikeSale(db, codes, by),
  );
}
