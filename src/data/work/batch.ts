import 'server-only';
import { and, asc, desc, eq, lte, notInArray, sql } from 'drizzle-orm';
import type { CheckSeen } from '@/core/cure';
import { speciesOf, type Species } from '@/core/material';
import { readBook } from '@/core/regimen';
import type { Db } from '../db';
import { batch, batchMaterial, checkEntry, logEntry, piece, placement, place, release } from '../schema';
import { places, type Place } from '../shop/queries';
import { allLots, type KnownLot } from '../stores/queries';
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
  readonly pieces: readonly Piece[];
  readonly materials: Readonly<Record<string, KnownLot>>;
  readonly book: readonly { readonly entry: LogEntry; readonly stands: LogEntry | null }[];
  readonly checks: readonly (CheckRow & CheckSeen)[];
  readonly place: Place | null;
  readonly release: ReleaseRow | null;
};

/** Pieces that are still in a batch. */
export const piecesIn = (one: Pick<Batch, 'pieces'>): Piece[] => one.pieces.filter((row) => row.leftAt === null);

function materialsOf(db: Db, batchId: number, lots: readonly KnownLot[]): Record<string, KnownLot> {
  const rows = db.select().from(batchMaterial).where(eq(batchMaterial.batchId, batchId)).all();
  return Object.fromEntries(
    rows.flatMap(({ slot, lotId }) => lots.filter((one) => one.id === lotId).map((one) => [slot, one] as const)),
  );
}

function placeAt(db: Db, batchId: number, untilMs: number): Place | null {
  const row = db
    .select({ place })
    .from(placement)
    .innerJoin(place, eq(place.id, placement.placeId))
    .where(and(eq(placement.batchId, batchId), lte(placement.at, untilMs)))
    .orderBy(desc(placement.at), desc(placement.id))
    .limit(1)
    .get();
  return row?.place ?? places(db).find((one) => one.kind === 'bench') ?? null;
}

/** Loads one batch; `lots` may be handed on when many are loaded. */
export function loadBatch(db: Db, id: number, nowMs: number, lots: readonly KnownLot[] = allLots(db)): Batch | null {
  const row = db.select().from(batch).where(eq(batch.id, id)).get();
  const design = row && findDesign(db, row.designRevisionId);
  const regimen = row && findRegimen(db, row.regimenRevisionId);
  if (!row || !design || !regimen) return null;
  const checks = db.select().from(checkEntry).where(eq(checkEntry.batchId, id)).orderBy(asc(checkEntry.at)).all();
  return {
    ...row,
    design,
    regimen,
    species: speciesOf(row.speciesId),
    pieces: db.select().from(piece).where(eq(piece.batchId, id)).orderBy(asc(piece.ordinal)).all(),
    materials: materialsOf(db, id, lots),
    book: readBook(db.select().from(logEntry).where(eq(logEntry.batchId, id)).orderBy(asc(logEntry.id)).all()),
    checks: checks.map((check) => ({ ...check, atMs: check.at })),
    place: placeAt(db, id, nowMs),
    release: db.select().from(release).where(eq(release.batchId, id)).orderBy(desc(release.id)).limit(1).get() ?? null,
  };
}

/** Ids of batches that are neither released nor refused, oldest first. */
export const openBatchIds = (db: Db): number[] => {
  const decided = db
    .select({ id: release.batchId })
    .from(release)
    .all()
    .map((row) => row.id);
  return db
    .select({ id: batch.id })
    .from(batch)
    .where(decided.length > 0 ? notInArray(batch.id, decided) : sql`1`)
    .orderBy(asc(batch.id))
    .all()
    .map((row) => row.id);
};

export const allBatchIds = (db: Db): number[] =>
  db
    .select({ id: batch.id })
    .from(batch)
    .orderBy(desc(batch.id))
    .all()
    .map((row) => row.id);

export const findBatchId = (db: Db, number: string): number | null =>
  db.select({ id: batch.id }).from(batch).where(eq(batch.number, number)).get()?.id ?? null;
