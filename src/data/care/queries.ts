import 'server-only';
import { and, asc, between, count, countDistinct, desc, eq, gte, inArray, isNull, sql } from 'drizzle-orm';
import { alias } from 'drizzle-orm/sqlite-core';
import { addDays } from '@/core/quantity';
import type { Db } from '../db';
import { keep } from '../kept';
import { batch, careEvent, carePlan, design, designRevision, owner, piece, pieceUnsold, release, sale, tinSale } from '../schema';
import { type KnownLot, lotOf } from '../stores/queries';
import { tinSaleStands } from '../stores/tin-sales';
import { type Batch, loadBatch, type Piece, piecesIn } from '../work/batch';
import { reOiledOn } from './plans';

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

/** Released batches with pieces that no one has bought, the newest first, and how many. */
export const batchesToSell = (db: Db): { readonly batchId: number; readonly left: number }[] =>
  keep(db, 'to sell', () =>
    db
      .select({ batchId: piece.batchId, left: count() })
      .from(pieceUnsold)
      .innerJoin(piece, eq(piece.id, pieceUnsold.pieceId))
      .innerJoin(release, and(eq(release.batchId, piece.batchId), eq(release.outcome, 'released')))
      .where(isNull(piece.leftAt))
      .groupBy(piece.batchId)
      .orderBy(desc(piece.batchId))
      .all(),
  );

/** A sold piece with its care plan, its dates and the batch it comes from. */
export type SoldPiece = {
  readonly piece: Piece;
  readonly batch: Batch;
  readonly sale: typeof sale.$inferSelect;
  readonly plan: typeof carePlan.$inferSelect;
  readonly buyer: string | null;
  readonly dates: readonly string[];
  /** The tin that went with it. */
  readonly tin: KnownLot | null;
  /** How often it was re-oiled since. */
  readonly treated: number;
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
    tin: tinWith(db, row.piece.id),
    treated: reOiledOn(db, row.care_plan.id).length,
  };
}

/** The tin that was given with a piece. */
function tinWith(db: Db, pieceId: number): KnownLot | null {
  const given = db
    .select({ lotId: tinSale.lotId })
    .from(tinSale)
    .where(and(eq(tinSale.withPieceId, pieceId), tinSaleStands))
    .get();
  return given ? lotOf(db, given.lotId) : null;
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

/** Pieces sold so many days ago, or longer, are listed only while a look of theirs is still to come; they are found by their number. */
const LISTED_DAYS = 730;

/** Sold pieces, newest first, with their next date from a day on. */
export const soldPieces = (db: Db, today: string): SoldRow[] => keep(db, `sold ${today}`, () => readSold(db, today));

/** How many pieces of a known owner have a look due within some days. */
export const looksDue = (db: Db, from: string, until: string): number =>
  keep(
    db,
    `looks due ${from} ${until}`,
    () =>
      db
        .select({ n: countDistinct(careEvent.carePlanId) })
        .from(careEvent)
        .innerJoin(carePlan, eq(carePlan.id, careEvent.carePlanId))
        .innerJoin(sale, eq(sale.id, carePlan.saleId))
        .leftJoin(owner, eq(owner.id, sale.ownerId))
        .leftJoin(holder, eq(holder.id, carePlan.holderId))
        .where(and(between(careEvent.dueOn, from, until), sql`${HOLDER_NAME} is not null`))
        .get()?.n ?? 0,
  );

export const holder = alias(owner, 'holder');
/** Who has a piece now: who it was given to, else who bought it. */
export const HOLDER_NAME = sql<string | null>`coalesce(${holder.name}, ${owner.name})`;

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
      buyer: HOLDER_NAME,
      nextDue: next.dueOn,
    })
    .from(sale)
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .innerJoin(batch, eq(batch.id, piece.batchId))
    .innerJoin(carePlan, eq(carePlan.saleId, sale.id))
    .leftJoin(owner, eq(owner.id, sale.ownerId))
    .leftJoin(holder, eq(holder.id, carePlan.holderId))
    .leftJoin(next, eq(next.planId, carePlan.id))
    .where(
      sql`${sale.id} in (select ${sale.id} from ${sale} where ${sale.soldOn} >= ${addDays(today, -LISTED_DAYS)}
        union select ${carePlan.saleId} from ${carePlan}
        where ${carePlan.id} in (select ${careEvent.carePlanId} from ${careEvent} where ${careEvent.dueOn} >= ${today}))`,
    )
    .orderBy(desc(sale.soldOn), asc(piece.ordinal))
    .all();
}

/** A look that an owner has before them. */
export type CareLook = Pick<SoldRow, 'number' | 'ordinal' | 'tag'> & {
  readonly dueOn: string;
  readonly speciesId: string;
  readonly design: string;
  readonly whose: string;
};

/** Looks of pieces that are still in use and whose owner is known, over some days, the earliest first. */
export const careLooksBetween = (db: Db, from: string, until: string): CareLook[] =>
  db
    .select({
      dueOn: careEvent.dueOn,
      number: batch.number,
      ordinal: piece.ordinal,
      tag: piece.tag,
      speciesId: batch.speciesId,
      design: design.name,
      whose: sql<string>`${HOLDER_NAME}`,
    })
    .from(careEvent)
    .innerJoin(carePlan, eq(carePlan.id, careEvent.carePlanId))
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .innerJoin(batch, eq(batch.id, piece.batchId))
    .innerJoin(designRevision, eq(designRevision.id, batch.designRevisionId))
    .innerJoin(design, eq(design.id, designRevision.designId))
    .leftJoin(owner, eq(owner.id, sale.ownerId))
    .leftJoin(holder, eq(holder.id, carePlan.holderId))
    .where(
      and(
        between(careEvent.dueOn, from, until),
        isNull(carePlan.endedAt),
        sql`coalesce(${carePlan.holderId}, ${sale.ownerId}) is not null`,
      ),
    )
    .orderBy(asc(careEvent.dueOn), asc(piece.id))
    .all();
