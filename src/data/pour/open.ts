import 'server-only';
import { and, eq } from 'drizzle-orm';
import { running } from '@/core/blend';
import { fail, ok, type Result } from '@/core/quantity';
import type { By } from '../command';
import type { Db } from '../db';
import { pour, slip, type SLIPS } from '../schema';
import { findPot, type Pot } from './queries';

/** A pot that may still be changed, at the version the maker saw when one is given. */
export function openPot(tx: Db, id: number, states: readonly Pot['state'][], version?: number): Result<{ readonly pot: Pot }> {
  const pot = findPot(tx, id);
  if (!pot) return fail('not-found', 'pourId');
  if (!states.includes(pot.state)) return fail('pour-closed', 'pourId');
  return version !== undefined && pot.version !== version ? fail('stale', '') : ok({ pot });
}

/** Changes a pot at the version that was read. */
export const touch = (tx: Db, pot: Pot, change: Partial<typeof pour.$inferInsert>): void => {
  tx.update(pour)
    .set({ ...change, version: pot.version + 1 })
    .where(and(eq(pour.id, pot.id), eq(pour.version, pot.version)))
    .run();
};

export const pouredOf = (pot: Pick<Pot, 'entries'>, ingredient: string): number =>
  pot.entries.filter((entry) => entry.ingredientId === ingredient).reduce((sum, entry) => sum + entry.grams, 0);

/** The pot's marks in grams, whatever they were written in. */
export function gramsToWeigh(pot: Pot): { ingredient: string; parts: number }[] {
  const state = running(pot.weighTo.lines, pot.weighTo.basis, pot.targetG, {});
  return state.ok ? state.value.lines.map((line) => ({ ingredient: line.ingredient, parts: line.targetG })) : [];
}

/** Keeps what went wrong with a pot, in a sentence. */
export function noteSlip(tx: Db, pot: Pot, kind: (typeof SLIPS)[number], says: string, by: By): void {
  tx.insert(slip).values({ kind, pourId: pot.id, says, personId: by.personId, at: by.nowMs }).run();
}
