import 'server-only';
import { and, eq, sql } from 'drizzle-orm';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { lot, owner, piece, tinSale } from '../schema';
import { move } from '../stores/commands';
import { tinSaleStands } from '../stores/tin-sales';
import { holderIdOf, planOf } from './plans';

export type TinSale = {
  readonly lotId: number;
  readonly count: number;
  readonly priceMinor: number | null;
  readonly buyer: string;
  /** The code of a piece they go with; empty when sold on their own. */
  readonly withPiece: string;
  readonly soldOn: string;
};

type Taken = {
  readonly lotId: number;
  readonly count: number;
  readonly priceMinor: number | null;
  readonly withPieceId: number | null;
  readonly ownerId: number | null;
  readonly soldOn: string;
};

/** Tins leave the shop within a command: their grams leave the ledger, and a recall finds them. */
export function takeTins(tx: Db, input: Taken, by: By): Result<{ readonly left: number }> {
  const row = tx.select().from(lot).where(eq(lot.id, input.lotId)).get();
  if (row?.kind !== 'tin' || row.count === null) return fail('not-found', 'lotId');
  if (!Number.isInteger(input.count) || input.count < 1) return fail('must-be-positive', 'count');
  const gone =
    tx
      .select({ n: sql<number>`coalesce(sum(${tinSale.count}), 0)` })
      .from(tinSale)
      .where(and(eq(tinSale.lotId, row.id), tinSaleStands))
      .get()?.n ?? 0;
  const left = row.count - gone;
  if (left < input.count) return fail('not-enough-tins', 'count', { left });
  const out = move(tx, { lotId: row.id, grams: (-row.receivedG * input.count) / row.count, why: 'sale' }, by);
  if (!out.ok) return out;
  tx.insert(tinSale)
    .values({ ...input, personId: by.personId, at: by.nowMs })
    .run();
  return ok({ left: left - input.count });
}

/** Filled tins leave the shop: sold, or given with a piece. A refill for a piece goes to who has it. */
export function sellTins(db: Db, { withPiece, buyer, ...input }: TinSale, by: By): Result<{ readonly left: number }> {
  return command(db, (tx) => {
    const code = withPiece.trim().toUpperCase();
    const goesWith = code === '' ? null : tx.select().from(piece).where(eq(piece.code, code)).get();
    if (goesWith === undefined) return fail('not-found', 'withPiece');
    const known = goesWith ? planOf(tx, goesWith.code) : undefined;
    const ownerId =
      buyer.trim() !== ''
        ? tx.insert(owner).values({ name: buyer.trim() }).returning({ id: owner.id }).get().id
        : known
          ? holderIdOf(known)
          : null;
    return takeTins(tx, { ...input, ownerId, withPieceId: goesWith?.id ?? null }, by);
  });
}
