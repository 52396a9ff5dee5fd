'use server';

import { z } from 'zod';
import { GATES } from '@/core/release';
import { decideRelease } from '@/data/release/commands';
import { GATE_WORDS } from '@/messages';
import { act, type Answer } from '../shop/act';

const Decision = z.object({
  batchId: z.int().positive(),
  outcome: z.enum(['released', 'refused']),
  reason: z.string().max(2000),
  signed: z.array(z.enum(GATES)),
});

/** Releases or refuses a batch. */
export async function decide(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(Decision, input, (db, decision, by) => {
    const decided = decideRelease(db, decision, by);
    if (decided.ok) return decided;
    // The gate is named as the screen names it.
    return {
      ok: false,
      issues: decided.issues.map((issue) =>
        issue.code === 'gate-unmet'
          ? { ...issue, path: '', with: { gate: GATE_WORDS[issue.with?.gate as keyof typeof GATE_WORDS]?.name ?? '' } }
          : issue,
      ),
    };
  });
}
