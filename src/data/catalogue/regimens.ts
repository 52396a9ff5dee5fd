import 'server-only';
import { desc, eq } from 'drizzle-orm';
import { fail, ok, type Result } from '@/core/quantity';
import { faultsOfSequence, REGIMENS, RESTORATIONS, type Regimen } from '@/core/regimen';
import { type By, command } from '../command';
import type { Db } from '../db';
import { batch, regimen, regimenRevision, regimenStep } from '../schema';

/** Writes one revision with its steps; the caller knows that it is in order. */
export function writeRevision(
  tx: Db,
  { id, steps, name: _, ...of }: Regimen,
  number: number,
  why: string,
  personId: number | null,
  at: number,
): number {
  const revision = tx
    .insert(regimenRevision)
    .values({ ...of, regimenId: id, number, why, personId, at })
    .returning({ id: regimenRevision.id })
    .get();
  tx.insert(regimenStep)
    .values(
      steps.map(({ wait, governs, whenBelowC, surfaces, house, looksBy, grit, ...step }, ordinal) => ({
        ...step,
        detail: { governs, whenBelowC, surfaces, house, looksBy, ...(grit === undefined ? {} : { grit }) },
        revisionId: revision.id,
        ordinal,
        waitMin: wait.min,
        waitIdealMin: wait.ideal,
        waitMaxMin: wait.max,
      })),
    )
    .run();
  return revision.id;
}

const idOf = (name: string): string =>
  name
    .trim()
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '');

type Writing = { readonly regimen: Regimen; readonly base: number; readonly why: string; readonly asOwn: boolean };

/**
 * Keeps a regimen as its next revision, or under a name of its own. Batches that began keep the revision they began with.
 * Refused when its order breaks a rule, or when someone else wrote a revision since `base`.
 */
export function saveRegimen(
  db: Db,
  { regimen: of, base, why, asOwn }: Writing,
  by: By,
): Result<{ readonly id: string; readonly revisionId: number }> {
  return command(db, (tx) => {
    const faults = faultsOfSequence(of);
    if (faults.length > 0) return { ok: false, issues: faults };
    const id = asOwn ? idOf(of.name) : of.id;
    if (id === '') return fail('name-needed', 'name');
    const known = tx.select().from(regimen).where(eq(regimen.id, id)).get();
    if (asOwn) {
      if (known || tx.select().from(regimen).where(eq(regimen.name, of.name)).get())
        return fail('name-taken', 'name', { name: of.name });
      tx.insert(regimen).values({ id, name: of.name }).run();
      return ok({ id, revisionId: writeRevision(tx, { ...of, id }, 1, why, by.personId, by.nowMs) });
    }
    const newest = tx
      .select()
      .from(regimenRevision)
      .where(eq(regimenRevision.regimenId, id))
      .orderBy(desc(regimenRevision.number))
      .get();
    if (!known || !newest) return fail('not-found', 'id');
    if (newest.id !== base) return fail('stale', '');
    if (why.trim() === '') return fail('reason-needed', 'why');
    return ok({ id, revisionId: writeRevision(tx, of, newest.number + 1, why.trim(), by.personId, by.nowMs) });
  });
}

export type RevisionRow = {
  readonly number: number;
  readonly why: string;
  readonly at: number;
  readonly personId: number | null;
  readonly batches: readonly string[];
};

/** The revisions of a regimen, newest first, with the batches that began with each. */
export function revisionsOf(db: Db, id: string): RevisionRow[] {
  const begun = db.select({ number: batch.number, revision: batch.regimenRevisionId }).from(batch).all();
  return db
    .select()
    .from(regimenRevision)
    .where(eq(regimenRevision.regimenId, id))
    .orderBy(desc(regimenRevision.number))
    .all()
    .map(({ number, why, at, personId, id: revision }) => ({
      number,
      why,
      at,
      personId,
      batches: begun.filter((row) => row.revision === revision).map((row) => row.number),
    }));
}

/** Puts the shipped regimens into the file, each as its first revision; those already there stay as they are. */
export function shipRegimens(db: Db, nowMs: number): void {
  for (const shipped of [...REGIMENS, ...RESTORATIONS]) {
    if (db.select().from(regimen).where(eq(regimen.id, shipped.id)).get()) continue;
    db.insert(regimen).values({ id: shipped.id, name: shipped.name }).run();
    writeRevision(db, shipped, 1, '', null, nowMs);
  }
}
