import 'server-only';
import { and, asc, desc, eq, gte, inArray } from 'drizzle-orm';
import type { Db } from '../db';
import { batch, careEvent, carePlan, owner, piece, sale } from '../schema';
import { type Batch, loadBatch, type Piece, piecesIn } from '../work/batch';

/** Pieces of a batch that have not been sold. */
export function unsoldPieces(db: Db, one: Batch): Piece[] {
  const ids = one.pieces.map((row) => row.id);
  const sold = new Set(
    ids.length > 0
      ? db
          .select({ id: sale.pieceId })
          .from(sale)
          .where(inArray(sale.pieceId, ids))
          .all()
          .map((row) => row.id)
      : [],
  );
  return piecesIn(one).filter((row) => !sold.has(row.id));
}

/** A sold piece with its care plan, its dates and the batch it comes from. */
export type SoldPiece = {
  readonly piece: Piece;
  readonly batch: Batch;
  readonly sale: typeof sale.$inferSelect;
  readonly plan: typeof carePlan.$inferSelect;
  readonly buyer: string | null;
  readonly dates: readonly string[];
};

export function findSold(db: Db, code: string, nowMs: number): SoldPiece | null {
  const row = db
    .select()
    .from(piece)
    .innerJoin(sale, eq(sale.pieceId, piece.id))
    .innerJoin(carePlan, eq(carePlan.saleId, sale.id))
    .leftJoin(owner, eq(owner.id, sale.ownerId))
    .where(eq(piece.code, code))
    .get();
  const of = row && loadBatch(db, row.piece.batchId, nowMs);
  if (!row || !of) return null;
  const dates = db
    .select({ dueOn: careEvent.dueOn })
    .from(careEvent)
    .where(eq(careEvent.carePlanId, row.care_plan.id))
    .orderBy(asc(careEvent.ordinal))
    .all();
  return {
    piece: row.piece,
    batch: of,
    sale: row.sale,
    plan: row.care_plan,
    buyer: row.owner?.name ?? null,
    dates: dates.map((date) => date.dueOn),
  };
}

export type SoldRow = {
  readonly code: string;
  readonly number: string;
  readonly ordinal: number;
  readonly tag: string | null;
  readonly soldOn: string;
  readonly buyer: string | null;
  readonly nextDue: string | null;
  readonly batchId: number;
};

/** Every sold piece, newest first, with its next date from a day on. */
export function soldPieces(db: Db, today: string): SoldRow[] {
  const rows = db
    .select({
      code: piece.code,
      ordinal: piece.ordinal,
      tag: piece.tag,
      batchId: piece.batchId,
      number: batch.number,
      soldOn: sale.soldOn,
      buyer: owner.name,
      planId: carePlan.id,
    })
    .from(sale)
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .innerJoin(batch, eq(batch.id, piece.batchId))
    .innerJoin(carePlan, eq(carePlan.saleId, sale.id))
    .leftJoin(owner, eq(owner.id, sale.ownerId))
    .orderBy(desc(sale.soldOn), asc(piece.ordinal))
    .all();
  return rows.map(({ planId, ...row }) => ({
    ...row,
    nextDue:
      db
        .select({ dueOn: careEvent.dueOn })
        .from(careEvent)
        .where(and(eq(careEvent.carePlanId, planId), gte(careEvent.dueOn, today)))
        .orderBy(asc(careEvent.dueOn))
        .limit(1)
        .get()?.dueOn ?? null,
  }));
}
