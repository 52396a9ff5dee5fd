'use server';

import { z } from 'zod';
import { AMISS } from '@/core/care';
import { draftAnswer } from '@/data/mail/write';
import { LETTER_WORDS } from '@/messages/letters';
import { type Answer, act } from '@/web/act';

/** Drafts the answer to an owner who says that something is wrong with their piece. */
export async function draftFor(input: unknown): Promise<Answer<{ readonly drafted: number }>> {
  return act(z.object({ code: z.string().max(100).min(1).max(40), amiss: z.enum(AMISS) }), input, (db, asked, by) =>
    draftAnswer(db, asked, LETTER_WORDS, by.nowMs),
  );
}
