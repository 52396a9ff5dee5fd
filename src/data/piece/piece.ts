import 'server-only';
import { desc, eq, sql } from 'drizzle-orm';
import { HOLDER_NAME, holder } from '../care/queries';
import type { Db } from '../db';
import { keep } from '../kept';
import { batch, carePlan, design, designRevision, owner, piece, restoration, sale } from '../schema';
import { traceOf } from '../trace/queries';
import { type Batch, loadBatch, type Piece, tagOf } from '../work/batch';

/** Any piece the shop ever made, sold or not. */
export type KnownPiece = {
  readonly code: string;
  readonly tag: string;
  readonly design: string;
  readonly batchId: number;
  readonly number: string;
  readonly soldOn: string | null;
  /** Who has it now. */
  readonly whose: string | null;
  readonly leftWhy: string | null;
};

/** Every piece, the newest first. */
const allPieces = (db: Db): KnownPiece[] =>
  keep(db, 'all pieces', () =>
    db
      .select({
        code: piece.code,
        ordinal: piece.ordinal,
        ownTag: piece.tag,
        leftWhy: piece.leftWhy,
        design: design.name,
        batchId: piece.batchId,
        number: batch.number,
        soldOn: sale.soldOn,
        whose: HOLDER_NAME,
      })
      .from(piece)
      .innerJoin(batch, eq(batch.id, piece.batchId))
      .innerJoin(designRevision, eq(designRevision.id, sql`coalesce(${piece.designRevisionId}, ${batch.designRevisionId})`))
      .innerJoin(design, eq(design.id, designRevision.designId))
      .leftJoin(sale, eq(sale.pieceId, piece.id))
      .leftJoin(carePlan, eq(carePlan.saleId, sale.id))
      .leftJoin(owner, eq(owner.id, sale.ownerId))
      .leftJoin(holder, eq(holder.id, carePlan.holderId))
      .orderBy(desc(piece.id))
      .all()
      .map(({ ordinal, ownTag, ...one }) => ({ ...one, tag: tagOf(one, { ordinal, tag: ownTag }) })),
  );

const plain = (text: string): string => text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().trim();

/** Pieces by what is chalked on them, by the code on their slip, by a part of the name of who has them; a whole batch by its number. */
export function findAnyPiece(db: Db, asked: string): KnownPiece[] {
  const wanted = plain(asked);
  if (wanted === '') return [];
  return allPieces(db).filter(
    (one) =>
      plain(one.code) === wanted ||
      plain(one.tag) === wanted ||
      plain(one.number) === wanted ||
      (wanted.length > 1 && one.whose !== null && plain(one.whose).includes(wanted)),
  );
}

/** A piece with its batch, by the code on its slip; null where there is none. */
export function pieceByCode(db: Db, code: string, nowMs: number): { readonly piece: Piece; readonly of: Batch } | null {
  const row = db.select().from(piece).where(eq(piece.code, code.toUpperCase())).get();
  const of = row && loadBatch(db, row.batchId, nowMs);
  return row && of ? { piece: row, of } : null;
}

export type SameLot = {
  readonly lotId: number;
  readonly batches: number;
  readonly pieces: number;
  readonly sold: number;
  readonly tins: number;
};

/** What else was finished from a lot, besides one batch: batches, their pieces, how many of those are sold, and tins that left. */
export function alsoFrom(db: Db, lotId: number, batchId: number): SameLot {
  return keep(db, `also from ${lotId} ${batchId}`, () => {
    const trace = traceOf(db, lotId);
    const others = trace?.pieces.filter((one) => one.batchId !== batchId) ?? [];
    return {
      lotId,
      batches: new Set(others.map((one) => one.batchId)).size,
      pieces: others.length,
      sold: others.filter((one) => one.soldOn !== null).length,
      tins: trace?.tins.reduce((sum, one) => sum + one.count, 0) ?? 0,
    };
  });
}

/** The last photo of a batch on which nothing was seen amiss: the one its owners may see. */
export const fairPhoto = ({ book }: Pick<Batch, 'book'>): string | null =>
  book.findLast(({ stands }) => stands?.photo && Array.isArray(stands.faults) && stands.faults.length === 0)?.stands?.photo ??
  null;

/** Batches that took a piece in when it came home, oldest first. */
export const homecomings = (
  db: Db,
  pieceId: number,
): { readonly number: string; readonly at: number; readonly backAt: number | null }[] =>
  db
    .select({ number: batch.number, at: batch.at, backAt: restoration.backAt })
    .from(restoration)
    .innerJoin(batch, eq(batch.id, restoration.batchId))
    .where(eq(restoration.pieceId, pieceId))
    .orderBy(batch.id)
    .all();
