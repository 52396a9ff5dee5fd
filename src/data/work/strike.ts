import 'server-only';
import { and, eq, ne } from 'drizzle-orm';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command, isAhead } from '../command';
import type { Db } from '../db';
import { shrinkRagLine } from '../rags/commands';
import { batchMaterial, batch as batchTable, checkEntry, logEntry, movement } from '../schema';
import { move } from '../stores/commands';
import { type LogEntry, loadBatch } from './batch';
import { asksTime } from './record';
import { progressOfBatch } from './standing';

const numberOf = (tx: Db, id: number): string =>
  tx.select({ number: batchTable.number }).from(batchTable).where(eq(batchTable.id, id)).get()?.number ?? '';

/** Gives back what an entry drew, by a movement of its own; what it gave back itself stays given back. */
function giveBack(tx: Db, entry: string, cause: string, by: By): Result<void> {
  const drawn = and(eq(movement.entry, entry), eq(movement.why, 'coat'));
  for (const row of tx.select().from(movement).where(drawn).all()) {
    const back = move(tx, { lotId: row.lotId, grams: -row.grams, why: 'correction', entry: cause }, by);
    if (!back.ok) return back;
  }
  return ok(undefined);
}

type Back = { readonly clientId: string; readonly batchId: number; readonly device: string; readonly deviceSequence: number };

type Stood = { readonly entry: LogEntry; readonly stands: LogEntry };

/** Strikes an entry through: it stays readable, what it drew is given back, and its cloth leaves the rag line. */
function strikeOut(tx: Db, back: Back, { entry, stands }: Stood, by: By): Result<void> {
  tx.insert(logEntry)
    .values({
      ...back,
      kind: 'undo',
      task: entry.task,
      pieces: entry.pieces,
      at: by.nowMs,
      recordedAt: by.nowMs,
      personId: by.personId,
      corrects: stands.clientId,
    })
    .run();
  shrinkRagLine(tx, entry.clientId);
  // The next lot that was taken up within it is put down again.
  tx.delete(batchMaterial)
    .where(
      and(
        eq(batchMaterial.batchId, back.batchId),
        eq(batchMaterial.fromAt, stands.at),
        ne(batchMaterial.lotId, stands.lotId ?? 0),
      ),
    )
    .run();
  return giveBack(tx, stands.clientId, back.clientId, by);
}

/**
 * Takes the last thing done to a batch back: it stays in the book struck through, and what it drew is given back. `entry` is the record
 * meant: where another was made since, nothing is taken back.
 */
export function undoLast(
  db: Db,
  { entry: meant, ...input }: Back & { readonly entry: string },
  by: By,
): Result<{ readonly undone: string }> {
  return command(db, (tx) => {
    if (tx.select().from(logEntry).where(eq(logEntry.clientId, input.clientId)).get()) return ok({ undone: '' });
    const batch = loadBatch(tx, input.batchId, by.nowMs);
    if (!batch) return fail('not-found', 'batchId');
    if (batch.release) return fail('already-decided', 'batchId');
    const { progress } = progressOfBatch(batch);
    const last = progress.done.at(-1);
    const standing = batch.book.find(({ entry }) => entry.clientId === last?.fact.id);
    if (!last || !standing?.stands) return fail('nothing-to-undo', 'batchId');
    if (last.fact.id !== meant) return fail('not-the-last', 'batchId', { last: last.task.step.done });
    const { entry, stands } = standing;
    if (entry.batchId !== batch.id) return fail('recorded-elsewhere', 'batchId', { number: numberOf(tx, entry.batchId) });
    const struck = strikeOut(tx, input, { entry, stands }, by);
    if (!struck.ok) return struck;
    tx.delete(checkEntry)
      .where(and(eq(checkEntry.clientId, entry.clientId), eq(checkEntry.batchId, batch.id)))
      .run();
    return ok({ undone: last.task.step.done });
  });
}

/** Strikes a record that fits nowhere: the same thing was recorded twice, from two devices. */
export function strikeWaiting(db: Db, input: Back & { readonly entry: string }, by: By): Result<void> {
  return command(db, (tx) => {
    const { entry: which, ...back } = input;
    if (tx.select().from(logEntry).where(eq(logEntry.clientId, input.clientId)).get()) return ok(undefined);
    const batch = loadBatch(tx, input.batchId, by.nowMs);
    const fact = batch && progressOfBatch(batch).progress.waiting.find((one) => one.id === which);
    const standing = batch?.book.find(({ entry }) => entry.clientId === which);
    if (!fact || !standing?.stands) return fail('not-found', 'entry');
    const { entry, stands } = standing;
    return strikeOut(tx, back, { entry, stands }, by);
  });
}

type Correction = Back & {
  readonly corrects: string;
  readonly at: number;
  readonly grams: number | null;
  readonly seen: string;
  readonly sure?: boolean;
};

/** Grams of a coat over the lots it was drawn from, first to last: each gives at most what it gave, the last one the rest. */
function shareOut(
  drawn: readonly { readonly lotId: number; readonly grams: number }[],
  grams: number,
): { readonly lotId: number; readonly grams: number }[] {
  let left = grams;
  return drawn.map(({ lotId, grams: gave }, i) => {
    const part = i === drawn.length - 1 ? left : Math.min(left, -gave);
    left -= part;
    return { lotId, grams: part };
  });
}

/** Strikes an entry through and writes what it should have said; the first stays readable. */
export function correctEntry(db: Db, input: Correction, by: By): Result<void> {
  return command(db, (tx) => {
    if (tx.select().from(logEntry).where(eq(logEntry.clientId, input.clientId)).get()) return ok(undefined);
    const batch = loadBatch(tx, input.batchId, by.nowMs);
    const standing = batch?.book.find(
      ({ entry, stands }) => stands && (entry.clientId === input.corrects || stands.clientId === input.corrects),
    );
    if (!batch || !standing?.stands) return fail('not-found', 'corrects');
    if (standing.entry.batchId !== batch.id)
      return fail('recorded-elsewhere', 'batchId', { number: numberOf(tx, standing.entry.batchId) });
    if (batch.release) return fail('already-decided', 'batchId');
    if (isAhead(input.at, by)) return fail('in-the-future', 'at');
    const { stands } = standing;
    const lot = batch.lots.find((one) => one.lot.id === stands.lotId)?.lot;
    if (lot && !input.sure && input.at !== stands.at) {
      const asked = asksTime(batch, lot, input.at);
      if (!asked.ok) return asked;
    }
    // A coat that two lots went into keeps what the first gave; the difference is the last one's.
    const drawn = tx
      .select()
      .from(movement)
      .where(and(eq(movement.entry, stands.clientId), eq(movement.why, 'coat')))
      .all();
    const back = giveBack(tx, stands.clientId, input.clientId, by);
    if (!back.ok) return back;
    const { id: __, ...before } = stands;
    const { sure: ___, ...said } = input;
    const grams = stands.lotId === null ? null : (input.grams ?? stands.grams);
    tx.insert(logEntry)
      .values({
        ...before,
        ...said,
        grams,
        kind: 'correction',
        corrects: stands.clientId,
        recordedAt: by.nowMs,
        personId: by.personId,
        gramsEstimated: input.grams === null && stands.gramsEstimated,
      })
      .run();
    if (stands.lotId !== null && grams) {
      const again = shareOut(drawn.length > 0 ? drawn : [{ lotId: stands.lotId, grams: -grams }], grams);
      for (const { lotId, grams: part } of again) {
        const out = move(tx, { lotId, grams: -part, why: 'coat', entry: input.clientId, at: input.at, happened: true }, by);
        if (!out.ok) return out;
      }
    }
    const again = loadBatch(tx, input.batchId, by.nowMs);
    return again && progressOfBatch(again).progress.waiting.length > 0
      ? fail('before-last', 'at', { last: 'the steps beside it' })
      : ok(undefined);
  });
}
