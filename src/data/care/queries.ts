import 'server-only';
import { asc, desc, eq, gte, inArray, sql } from 'drizzle-orm';
import { alias } from 'drizzle-orm/sqlite-core';
import type { Db } from '../db';
import { keep } from '../kept';
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
export const soldPieces = (db: Db, today: string): SoldRow[] => keep(db, `sold ${today}`, () => readSold(db, today));

const holder = alias(owner, 'holder');

function readSold(db: Db, today: string): SoldRow[] {
  const next = db
    .select({ planId: careEvent.carePlanId, dueOn: sql<string>`min(${careEvent.dueOn})`.as('next_due') })
    .from(careEvent)
    .where(gte(careEvent.dueOn, today))
    .groupBy(careEvent.carePlanId)
    .as('next');
  return db
    .select({
      code: piece.code,
      ordinal: piece.ordinal,
      tag: piece.tag,
      batchId: piece.batchId,
      number: batch.number,
      soldOn: sale.soldOn,
      // Who has it now, where that is not who bought it.
      buyer: sql<string | null>`coalesce(${holder.name}, ${owner.name})`,
      nextDue: next.dueOn,
    })
    .from(sale)
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .innerJoin(batch, eq(batch.id, piece.batchId))
    .innerJoin(carePlan, eq(carePlan.saleId, sale.id))
    .leftJoin(owner, eq(owner.id, sale.ownerId))
    .leftJoin(holder, eq(holder.id, carePlan.holderId))
    .leftJoin(next, eq(next.planId, carePlan.id))
    .orderBy(desc(sale.soldOn), asc(piece.ordinal))
    .all();
}
