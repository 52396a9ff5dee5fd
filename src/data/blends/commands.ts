import 'server-only';
import { and, eq } from 'drizzle-orm';
import { blend, thinning } from '@/core/blend';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { formula, formulaLine, formulaRevision } from '../schema';
import { catalogueOf } from '../stores/catalogue';
import { findFormula, type StoredLine } from './queries';

export type FormulaInput = {
  readonly id: number | null;
  /** The formula's version the maker saw; a stale one is refused. */
  readonly version: number;
  readonly name: string;
  readonly basis: 'mass' | 'volume';
  readonly note: string;
  readonly lines: readonly StoredLine[];
};

const sameLines = (a: readonly StoredLine[], b: readonly StoredLine[]): boolean =>
  a.length === b.length &&
  a.every((line, i) => {
    const other = b[i];
    return (
      line.ingredient === other?.ingredient &&
      line.parts === other.parts &&
      (line.amount ?? '') === (other.amount ?? '') &&
      (line.molten ?? false) === (other.molten ?? false) &&
      (line.tempC ?? null) === (other.tempC ?? null)
    );
  });

type SavedFormula = { readonly id: number; readonly revisionId: number; readonly version: number };

/** Saves a formula as a new revision; what was saved before never changes. Saving the same again makes none. */
export function saveFormula(db: Db, input: FormulaInput, by: By): Result<SavedFormula> {
  return command(db, (tx) => {
    if (input.name.trim() === '') return fail('required', 'name');
    if (input.lines.length < 2) return fail('one-ingredient', 'lines');
    const makes = blend({ lines: input.lines, basis: input.basis, make: { massG: 100 } }, catalogueOf(tx));
    if (!makes.ok) return makes;
    if (thinning(input.lines, input.basis, catalogueOf(tx))?.tooThin) return fail('solvent-above-oil', 'lines');
    const named = tx.select().from(formula).where(eq(formula.name, input.name.trim())).get();
    if (named && named.id !== input.id) return fail('name-taken', 'name', { name: input.name });
    const before = input.id === null ? null : findFormula(tx, input.id);
    if (input.id !== null && !before) return fail('not-found', 'id');
    if (before && before.version !== input.version) return fail('stale', '');
    const latest = before?.revisions[0];
    if (
      before &&
      latest &&
      before.name === input.name.trim() &&
      latest.basis === input.basis &&
      latest.note === input.note &&
      sameLines(latest.lines, input.lines)
    ) {
      return ok({ id: before.id, revisionId: latest.id, version: before.version });
    }
    const id =
      before?.id ??
      tx.insert(formula).values({ name: input.name.trim(), createdAt: by.nowMs }).returning({ id: formula.id }).get().id;
    if (before)
      tx.update(formula)
        .set({ name: input.name.trim(), version: before.version + 1 })
        .where(and(eq(formula.id, id), eq(formula.version, input.version)))
        .run();
    const revision = tx
      .insert(formulaRevision)
      .values({
        formulaId: id,
        number: (latest?.number ?? 0) + 1,
        basis: input.basis,
        note: input.note,
        personId: by.personId,
        at: by.nowMs,
      })
      .returning({ id: formulaRevision.id })
      .get();
    tx.insert(formulaLine)
      .values(
        input.lines.map((line, ordinal) => ({
          revisionId: revision.id,
          ordinal,
          ingredientId: line.ingredient,
          parts: line.parts,
          amount: line.amount ?? '',
          molten: line.molten ?? false,
          tempC: line.tempC ?? null,
        })),
      )
      .run();
    return ok({ id, revisionId: revision.id, version: before ? before.version + 1 : 1 });
  });
}
