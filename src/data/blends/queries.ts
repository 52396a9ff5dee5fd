import 'server-only';
import { and, asc, desc, eq } from 'drizzle-orm';
import type { Db } from '../db';
import { batch, batchMaterial, formula, formulaLine, formulaRevision, lot } from '../schema';

/** A line as it is kept; one that was written as it is measured has its words, and its parts are grams. */
export type StoredLine = {
  readonly ingredient: string;
  readonly parts: number;
  readonly amount?: string;
  readonly molten?: boolean;
  readonly tempC?: number | null;
};
export type Revision = typeof formulaRevision.$inferSelect & { readonly lines: readonly StoredLine[]; readonly isUsed: boolean };
export type Formula = typeof formula.$inferSelect & { readonly revisions: readonly Revision[] };

/** Every formula with its revisions, newest revision first. */
export function allFormulas(db: Db): Formula[] {
  const lines = db.select().from(formulaLine).orderBy(asc(formulaLine.ordinal)).all();
  const used = new Set(
    db
      .selectDistinct({ id: lot.formulaRevisionId })
      .from(lot)
      .all()
      .map((row) => row.id),
  );
  const revisions = db
    .select()
    .from(formulaRevision)
    .orderBy(desc(formulaRevision.number))
    .all()
    .map((row) => ({
      ...row,
      lines: lines
        .filter((line) => line.revisionId === row.id)
        .map(({ ingredientId, parts, amount, molten, tempC }) => ({
          ingredient: ingredientId,
          parts,
          ...(amount === '' ? {} : { amount, molten, tempC }),
        })),
      isUsed: used.has(row.id),
    }));
  return db
    .select()
    .from(formula)
    .orderBy(asc(formula.name))
    .all()
    .map((row) => ({ ...row, revisions: revisions.filter((revision) => revision.formulaId === row.id) }));
}

export const findFormula = (db: Db, id: number): Formula | null => allFormulas(db).find((one) => one.id === id) ?? null;

/** A revision with the name of its formula. */
export function findRevision(db: Db, id: number): (Revision & { readonly name: string }) | null {
  const row = db.select({ formulaId: formulaRevision.formulaId }).from(formulaRevision).where(eq(formulaRevision.id, id)).get();
  const found = row && findFormula(db, row.formulaId);
  const revision = found?.revisions.find((one) => one.id === id);
  return found && revision ? { ...revision, name: found.name } : null;
}

/** Ids of all that was ever poured by a formula and filled from it. */
export const lotsOfFormula = (db: Db, formulaId: number): number[] =>
  db
    .select({ id: lot.id })
    .from(lot)
    .innerJoin(formulaRevision, eq(formulaRevision.id, lot.formulaRevisionId))
    .where(eq(formulaRevision.formulaId, formulaId))
    .all()
    .map((row) => row.id);

/** Lots poured by each revision of a formula, and the batches coated with them. */
export function usesOfFormula(db: Db, formulaId: number) {
  const lots = db
    .select({ lotId: lot.id, number: lot.number, revision: formulaRevision.number })
    .from(lot)
    .innerJoin(formulaRevision, eq(formulaRevision.id, lot.formulaRevisionId))
    .where(and(eq(formulaRevision.formulaId, formulaId), eq(lot.kind, 'made')))
    .orderBy(desc(lot.id))
    .all();
  return lots.map((one) => ({
    ...one,
    batches: db
      .select({ number: batch.number })
      .from(batchMaterial)
      .innerJoin(batch, eq(batch.id, batchMaterial.batchId))
      .where(eq(batchMaterial.lotId, one.lotId))
      .all()
      .map((row) => row.number),
  }));
}
