import 'server-only';
import { and, eq, inArray } from 'drizzle-orm';
import { fail, type Issue, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { batch, batchMaterial, piece, pieceMove, placement } from '../schema';
import { type Batch, findBatchId, loadBatch, type Piece, piecesIn, tagOf } from './batch';
import { nextBatchNumber } from './commands';
import { progressOfBatch } from './standing';

/** The pieces of a batch that were named by their tags or their numbers: `3, 5-7` or `31-014/3`. */
export function piecesNamed(of: Batch, text: string): Result<Piece[]> {
  const here = piecesIn(of);
  const issues: Issue[] = [];
  const found = new Set<Piece>();
  for (const part of text.split(/[,;\s]+/).filter(Boolean)) {
    const range = /^(\d+)\s*[-–]\s*(\d+)$/.exec(part);
    const named = range
      ? here.filter((one) => one.ordinal >= Number(range[1]) && one.ordinal <= Number(range[2]))
      : here.filter((one) => tagOf(of, one) === part || String(one.ordinal) === part || one.code === part.toUpperCase());
    if (named.length === 0) issues.push({ code: 'no-such-piece', path: 'pieces', with: { tag: part } });
    for (const one of named) found.add(one);
  }
  if (issues.length > 0) return { ok: false, issues };
  return found.size > 0 ? ok([...found]) : fail('required', 'pieces');
}

type Parting = { readonly batchId: number; readonly pieces: string; readonly why: string };

/** Some pieces go their own way: a batch of their own that shares the book up to now. */
export function splitBatch(db: Db, { batchId, pieces, why }: Parting, by: By): Result<{ readonly number: string }> {
  return command(db, (tx) => {
    const from = loadBatch(tx, batchId, by.nowMs);
    if (!from) return fail('not-found', 'batchId');
    if (from.release) return fail('already-decided', 'batchId');
    const named = piecesNamed(from, pieces);
    if (!named.ok) return named;
    if (named.value.length >= piecesIn(from).length)
      return fail('not-enough-pieces', 'pieces', { left: piecesIn(from).length - 1 });
    const number = nextBatchNumber(tx, by.nowMs);
    const { id: _, ...row } = tx.select().from(batch).where(eq(batch.id, batchId)).get() ?? { id: 0 };
    const { id } = tx
      .insert(batch)
      .values({
        ...(row as typeof batch.$inferInsert),
        number,
        splitFrom: batchId,
        splitAt: by.nowMs,
        personId: by.personId,
        at: by.nowMs,
        version: 1,
      })
      .returning({ id: batch.id })
      .get();
    const materials = from.lots.map(({ slot, lot, fromAt }) => ({ batchId: id, slot, lotId: lot.id, fromAt }));
    if (materials.length > 0) tx.insert(batchMaterial).values(materials).run();
    if (from.place) tx.insert(placement).values({ batchId: id, placeId: from.place.id, at: by.nowMs }).run();
    goOver(tx, from, named.value, id, why, by);
    return ok({ number });
  });
}

/** Moves pieces to another batch; each keeps its tag, and the move is kept. */
function goOver(tx: Db, from: Batch, pieces: readonly Piece[], toBatch: number, why: string, by: By): void {
  const there = tx.select().from(piece).where(eq(piece.batchId, toBatch)).all();
  let ordinal = Math.max(0, ...there.map((one) => one.ordinal));
  for (const one of pieces) {
    tx.update(piece)
      .set({ batchId: toBatch, ordinal: ++ordinal, tag: tagOf(from, one) })
      .where(eq(piece.id, one.id))
      .run();
    tx.insert(pieceMove).values({ pieceId: one.id, fromBatch: from.id, toBatch, why, personId: by.personId, at: by.nowMs }).run();
  }
}

/** A step without the mark of the coat that was added. */
const stem = (id: string): string => id.replace(/\*\d+/g, '*');

/** What two batches must have in common before they can be one. */
export function unlike(a: Batch, b: Batch): string | null {
  if (a.design.revisionId !== b.design.revisionId) return 'design';
  if (a.species.id !== b.species.id) return 'wood';
  if (a.regimen.revisionId !== b.regimen.revisionId) return 'regimen';
  if (a.regimen.steps.map((step) => stem(step.id)).join() !== b.regimen.steps.map((step) => stem(step.id)).join())
    return 'the coats they are given';
  const slots = new Set([...Object.keys(a.materials), ...Object.keys(b.materials)]);
  return [...slots].some((slot) => a.materials[slot]?.id !== b.materials[slot]?.id) ? 'the lots it takes' : null;
}

/** Two batches that wait for the same step become one; the pieces that come over keep their tags and their history. */
export function joinBatches(
  db: Db,
  { batchId, into }: { readonly batchId: number; readonly into: string },
  by: By,
): Result<{ readonly number: string }> {
  return command(db, (tx) => {
    const from = loadBatch(tx, batchId, by.nowMs);
    const toId = findBatchId(tx, into.trim());
    const to = toId === null ? null : loadBatch(tx, toId, by.nowMs);
    if (!from || !to) return fail('not-found', 'into');
    if (from.id === to.id) return fail('same-lot', 'into');
    if (from.release || to.release) return fail('already-decided', 'into');
    const differs = unlike(from, to);
    if (differs) return fail('not-alike', 'into', { number: to.number, what: differs });
    const [a, b] = [progressOfBatch(from).progress.next, progressOfBatch(to).progress.next];
    if (!a || !b || a.task.step.id !== b.task.step.id) return fail('not-in-step', 'into', { number: to.number });
    goOver(tx, from, piecesIn(from), to.id, `joined with ${to.number}`, by);
    tx.update(batch)
      .set({ joinedTo: to.id, version: from.version + 1 })
      .where(eq(batch.id, from.id))
      .run();
    return ok({ number: to.number });
  });
}

/** Pieces that leave for good: split, spoiled, kept back. They stay in the file with why. */
export function partWith(db: Db, { batchId, pieces, why }: Parting, by: By): Result<{ readonly count: number }> {
  return command(db, (tx) => {
    const from = loadBatch(tx, batchId, by.nowMs);
    if (!from) return fail('not-found', 'batchId');
    const named = piecesNamed(from, pieces);
    if (!named.ok) return named;
    if (why.trim() === '') return fail('reason-needed', 'why');
    tx.update(piece)
      .set({ leftAt: by.nowMs, leftWhy: why.trim() })
      .where(
        and(
          inArray(
            piece.id,
            named.value.map((one) => one.id),
          ),
        ),
      )
      .run();
    return ok({ count: named.value.length });
  });
}

const numbers = (db: Db): Map<number, string> =>
  new Map(
    db
      .select({ id: batch.id, number: batch.number })
      .from(batch)
      .all()
      .map((row) => [row.id, row.number]),
  );

/** How each piece that came over came to be here, by piece. */
export function movesOf(db: Db, of: Batch): Map<number, string> {
  const name = numbers(db);
  const rows = db.select().from(pieceMove).where(eq(pieceMove.toBatch, of.id)).all();
  return new Map(rows.map((row) => [row.pieceId, `from ${name.get(row.fromBatch) ?? ''}${row.why ? `: ${row.why}` : ''}`]));
}

/** Where a batch comes from or went to, in words; null where it has always been itself. */
export function sourceOf(db: Db, of: Batch): string | null {
  const name = numbers(db);
  if (of.joinedTo !== null) return `All of it went into ${name.get(of.joinedTo) ?? ''}.`;
  return of.splitFrom === null ? null : `Split off from ${name.get(of.splitFrom) ?? ''}; the book before that is shared.`;
}
