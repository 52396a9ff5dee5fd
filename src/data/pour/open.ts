import 'server-only';
import { and, eq } from 'drizzle-orm';
import { type Blend, blend, running } from '@/core/blend';
import type { Catalogue } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import type { By } from '../command';
import type { Db } from '../db';
import { pour, type SLIPS, slip } from '../schema';
import { theShop } from '../shop/queries';
import { catalogueOf } from '../stores/catalogue';
import { findPot, type Pot } from './queries';

/** A pot that may still be changed, at the version the maker saw when one is given. */
export function openPot(tx: Db, id: number, states: readonly Pot['state'][], version?: number): Result<{ readonly pot: Pot }> {
  const pot = findPot(tx, id);
  if (!pot) return fail('not-found', 'pourId');
  if (!states.includes(pot.state)) return fail('pour-closed', 'pourId');
  return version !== undefined && pot.version !== version ? fail('stale', '') : ok({ pot });
}

/** Changes a pot at the version that was read. */
export const changePot = (tx: Db, pot: Pot, change: Partial<typeof pour.$inferInsert>): void => {
  tx.update(pour)
    .set({ ...change, version: pot.version + 1 })
    .where(and(eq(pour.id, pot.id), eq(pour.version, pot.version)))
    .run();
};

export const pouredOf = (pot: Pick<Pot, 'entries'>, ingredient: string): number =>
  pot.entries.filter((entry) => entry.ingredientId === ingredient).reduce((sum, entry) => sum + entry.grams, 0);

/** The pot's marks in grams, whatever they were written in. */
export function gramsToWeigh(pot: Pot, catalogue: Catalogue): { ingredient: string; parts: number }[] {
  const state = running(pot.weighTo.lines, pot.weighTo.basis, pot.targetG, {}, catalogue);
  return state.ok ? state.value.lines.map((line) => ({ ingredient: line.ingredient, parts: line.targetG })) : [];
}

/** Keeps what went wrong with a pot, in a sentence. */
export function noteSlip(tx: Db, pot: Pot, kind: (typeof SLIPS)[number], says: string, by: By): void {
  tx.insert(slip).values({ kind, pourId: pot.id, says, personId: by.personId, at: by.nowMs }).run();
}

/** What a pot will be, in the shop's own warmth; one that is made cold is not heated in stages. */
export function madeOf(db: Db, pot: Pot): Result<Blend> {
  const made = blend({ ...pot.weighTo, make: { massG: pot.targetG }, ambientC: theShop(db).ambientC }, catalogueOf(db));
  if (!made.ok || !pot.cold || made.value.heat !== 'two-stage') return made;
  const { stages: _, addBelowC: __, ...rest } = made.value;
  return ok({ ...rest, heat: 'cold' });
}

/** Lines of a pot that may be weighed now: of one in two stages the solvent only once the rest was melted and has cooled. */
export const linesNow = ({ stages }: Pick<Blend, 'stages'>, pot: Pick<Pot, 'cooledAt'>): readonly string[] | null =>
  stages && pot.cooledAt === null ? stages[0] : null;

/** Practice devices write into practice pots only, but for the demo shed. */
export const mayPractise = (db: Db, pot: Pick<Pot, 'practice'>): boolean => pot.practice || theShop(db).isDemo;
