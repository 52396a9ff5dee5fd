import 'server-only';
import { and, asc, desc, eq, isNull, lte, ne, notInArray, or, sql } from 'drizzle-orm';
import type { CheckSeen } from '@/core/cure';
import type { UptakeFactor } from '@/core/piece';
import { speciesOf, type Species } from '@/core/material';
import { asNowKnown, readBook, type Taken, type Way } from '@/core/regimen';
import type { Db } from '../db';
import { keep } from '../kept';
import { batch, batchMaterial, checkEntry, logEntry, piece, placement, place, recovery, release } from '../schema';
import { places, type Place } from '../shop/queries';
import { allLots, type KnownLot } from '../stores/queries';
import { shopUptake } from './uptake';
import { type Design, findDesign, findRegimen, type KnownRegimen } from './catalogue';

export type LogEntry = typeof logEntry.$inferSelect;
export type Piece = typeof piece.$inferSelect;
export type CheckRow = typeof checkEntry.$inferSelect;
export type ReleaseRow = typeof release.$inferSelect;

/** A batch with all that was recorded of it. What follows from that is reckoned in standing.ts. */
export type Batch = typeof batch.$inferSelect & {
  readonly design: Design;
  readonly species: Species;
  readonly regimen: KnownRegimen;
  /** Pieces that belong to it, those that left for good among them. */
  readonly pieces: readonly Piece[];
  /** Ways back that were taken up and stand. */
  readonly recoveries: readonly (Taken & { readonly at: number; readonly clientId: string })[];
  readonly materials: Readonly<Record<string, KnownLot>>;
  readonly book: readonly { readonly entry: LogEntry; readonly stands: LogEntry | null }[];
  readonly checks: readonly (CheckRow & CheckSeen)[];
  readonly place: Place | null;
  /** The shop's own uptake factors; estimates go by them. */
  readonly uptake: readonly UptakeFactor[];
  readonly release: ReleaseRow | null;
};

/** Pieces that are still in a batch. */
export const piecesIn = (one: Pick<Batch, 'pieces'>): Piece[] => one.pieces.filter((row) => row.leftAt === null);

/** What is chalked on a piece: `31-014/3`; it stays when the piece goes over to another batch. */
export const tagOf = (of: { readonly number: string }, one: Pick<Piece, 'tag' | 'ordinal'>): string =>
  one.tag ?? `${of.number}/${one.ordinal}`;

/** A batch and those it was split from, each with the moment up to which its book is shared. */
function lineOf(db: Db, id: number): { readonly id: number; readonly until: number }[] {
  const line = [{ id, until: Number.MAX_SAFE_INTEGER }];
  for (let row = db.select().from(batch).where(eq(batch.id, id)).get(); row?.splitFrom && row.splitAt; ) {
    line.push({ id: row.splitFrom, until: Math.min(row.splitAt, line.at(-1)?.until ?? row.splitAt) });
    row = db.select().from(batch).where(eq(batch.id, row.splitFrom)).get();
  }
  return line;
}

/** The book of a batch, what it shares with the one it was split from included. */
const bookOf = (db: Db, line: ReturnType<typeof lineOf>): Batch['book'] =>
  line
    .flatMap(({ id, until }) =>
      readBook(db.select().from(logEntry).where(eq(logEntry.batchId, id)).orderBy(asc(logEntry.id)).all()).filter(
        ({ entry, stands }) => (stands ?? entry).at <= until,
      ),
    )
    .sort((a, b) => (a.stands ?? a.entry).at - (b.stands ?? b.entry).at);

const checksOf = (db: Db, line: ReturnType<typeof lineOf>): CheckRow[] =>
  line
    .flatMap(({ id, until }) =>
      db
        .select()
        .from(checkEntry)
        .where(and(eq(checkEntry.batchId, id), lte(checkEntry.at, until)))
        .all(),
    )
    .sort((a, b) => a.at - b.at);

function materialsOf(db: Db, batchId: number, lots: readonly KnownLot[]): Record<string, KnownLot> {
  const rows = db.select().from(batchMaterial).where(eq(batchMaterial.batchId, batchId)).all();
  return Object.fromEntries(
    rows.flatMap(({ slot, lotId }) => lots.filter((one) => one.id === lotId).map((one) => [slot, one] as const)),
  );
}

/** Where a batch stood from which moment on, oldest first. */
export const staysOf = (db: Db, batchId: number): { readonly place: Place; readonly at: number }[] =>
  keep(db, `stays ${batchId}`, () =>
    db
      .select({ place, at: placement.at })
      .from(placement)
      .innerJoin(place, eq(place.id, placement.placeId))
      .where(eq(placement.batchId, batchId))
      .orderBy(asc(placement.at), asc(placement.id))
      .all(),
  );

const placeAt = (db: Db, batchId: number, untilMs: number): Place | null =>
  staysOf(db, batchId).findLast((stay) => stay.at <= untilMs)?.place ?? places(db).find((one) => one.kind === 'bench') ?? null;

/** What was decided of a batch for good; one that was refused to be mended is open again. */
function standsDecided(db: Db, id: number): ReleaseRow | null {
  const row = db.select().from(release).where(eq(release.batchId, id)).orderBy(desc(release.id)).limit(1).get();
  return row && row.next !== 'mend' ? row : null;
}

/** One batch with all that was recorded of it, and where it stood at a moment. */
export function loadBatch(db: Db, id: number, nowMs: number): Batch | null {
  const found = keep(db, `batch ${id}`, () => readBatch(db, id));
  return found && { ...found, place: placeAt(db, id, nowMs) };
}

function readBatch(db: Db, id: number): Omit<Batch, 'place'> | null {
  const row = db.select().from(batch).where(eq(batch.id, id)).get();
  const design = row && findDesign(db, row.designRevisionId);
  const regimen = row && findRegimen(db, row.regimenRevisionId);
  if (!row || !design || !regimen) return null;
  const line = lineOf(db, id);
  const decided = standsDecided(db, id);
  // What was withdrawn from a shipped regimen is withdrawn from a running batch too; what was decided stays as it was judged.
  const now = decided || !regimen.shipped ? regimen : { ...regimen, steps: asNowKnown(regimen.id, regimen.steps) };
  return {
    ...row,
    design,
    regimen: now,
    species: speciesOf(row.speciesId),
    pieces: db.select().from(piece).where(eq(piece.batchId, id)).orderBy(asc(piece.ordinal)).all(),
    materials: materialsOf(db, id, allLots(db)),
    recoveries: db
      .select()
      .from(recovery)
      .where(and(eq(recovery.batchId, id), isNull(recovery.withdrawnAt)))
      .orderBy(asc(recovery.id))
      .all()
      .map((one) => ({ id: one.id, clientId: one.clientId, way: one.way as Way, beforeTask: one.beforeTask, at: one.at })),
    book: bookOf(db, line),
    checks: checksOf(db, line).map((check) => ({ ...check, atMs: check.at })),
    uptake: shopUptake(db),
    release: decided,
  };
}

/** Ids of batches with pieces still to be decided on, oldest first. */
export const openBatchIds = (db: Db): number[] => keep(db, 'open batches', () => readOpen(db));

function readOpen(db: Db): number[] {
  const decided = db
    .select({ id: release.batchId })
    .from(release)
    .where(or(isNull(release.next), ne(release.next, 'mend')))
    .all()
    .map((row) => row.id);
  return db
    .select({ id: batch.id })
    .from(batch)
    .where(
      and(
        decided.length > 0 ? notInArray(batch.id, decided) : sql`1`,
        isNull(batch.joinedTo),
        sql`exists (select 1 from ${piece} where ${piece.batchId} = ${batch.id} and ${piece.leftAt} is null)`,
      ),
    )
    .orderBy(asc(batch.id))
    .all()
    .map((row) => row.id);
}

/** Ids of batches that were released or rejected, the newest decision first. */
export const decidedBatchIds = (db: Db): number[] =>
  keep(db, 'decided batches', () =>
    db
      .select({ id: release.batchId })
      .from(release)
      .where(or(isNull(release.next), ne(release.next, 'mend')))
      .groupBy(release.batchId)
      .orderBy(desc(sql`max(${release.id})`))
      .all()
      .map((row) => row.id),
  );

export const findBatchId = (db: Db, number: string): number | null =>
  db.select({ id: batch.id }).from(batch).where(eq(batch.number, number)).get()?.id ?? null;
