'use server';

import { z } from 'zod';
import { saveFormula } from '@/data/blends/commands';
import { startPour } from '@/data/pour/commands';
import { act, type Answer } from '../shop/act';

const Line = z.object({ ingredient: z.string(), parts: z.number().positive() });
const Formula = z.object({
  id: z.int().positive().nullable(),
  version: z.int(),
  name: z.string().trim().min(1).max(120),
  basis: z.enum(['mass', 'volume']),
  note: z.string().trim().max(2000),
  lines: z.array(Line).max(12),
});

/** Saves a formula; a changed one becomes a new revision. */
export async function save(input: unknown): Promise<Answer<{ readonly id: number; readonly revisionId: number }>> {
  return act(Formula, input, (db, formula, by) => saveFormula(db, formula, by));
}

const Pour = z.object({ revisionId: z.int().positive(), targetG: z.number().positive().max(1e6) });

/** Begins a pot of a saved revision. */
export async function beginPour(input: unknown): Promise<Answer<{ readonly id: number }>> {
  return act(Pour, input, (db, pour, by) => startPour(db, pour, by));
}
