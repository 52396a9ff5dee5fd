import 'server-only';
import { asc, desc, eq } from 'drizzle-orm';
import { fail, ok, type Result } from '@/core/quantity';
import type { VerdictKind } from '@/core/regimen';
import { type By, command } from '../command';
import type { Db } from '../db';
import { batch, note, verdict } from '../schema';

export type NoteRow = typeof note.$inferSelect;
export type VerdictRow = typeof verdict.$inferSelect;

/** A note typed at any time, of a batch or of none; sent twice it is kept once. */
export function keepNote(
  db: Db,
  input: { readonly clientId: string; readonly batchId: number | null; readonly text: string },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    if (tx.select().from(note).where(eq(note.clientId, input.clientId)).get()) return ok(undefined);
    if (input.text.trim() === '') return fail('required', 'text');
    if (input.batchId !== null && !tx.select().from(batch).where(eq(batch.id, input.batchId)).get())
      return fail('not-found', 'batchId');
    tx.insert(note)
      .values({ ...input, text: input.text.trim(), personId: by.personId, at: by.nowMs })
      .run();
    return ok(undefined);
  });
}

/** What its maker thinks of a batch after the work; said again it is the later word that stands. */
export function judgeWork(
  db: Db,
  input: { readonly clientId: string; readonly batchId: number; readonly kind: VerdictKind; readonly score: number },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    if (tx.select().from(verdict).where(eq(verdict.clientId, input.clientId)).get()) return ok(undefined);
    if (!tx.select().from(batch).where(eq(batch.id, input.batchId)).get()) return fail('not-found', 'batchId');
    if (!Number.isInteger(input.score) || input.score < 1 || input.score > 5)
      return fail('too-large', 'score', { least: 1, most: 5 });
    tx.insert(verdict)
      .values({ ...input, personId: by.personId, at: by.nowMs })
      .run();
    return ok(undefined);
  });
}

/** The notes of a batch, the newest first. */
export const notesOf = (db: Db, batchId: number): NoteRow[] =>
  db.select().from(note).where(eq(note.batchId, batchId)).orderBy(desc(note.at), desc(note.id)).all();

/** The verdicts of a batch that stand: the last of each kind. */
export const verdictsOf = (db: Db, batchId: number): ReadonlyMap<VerdictKind, VerdictRow> =>
  new Map(
    db
      .select()
      .from(verdict)
      .where(eq(verdict.batchId, batchId))
      .orderBy(asc(verdict.id))
      .all()
      .map((row) => [row.kind, row]),
  );
