import 'server-only';
import { and, eq, inArray } from 'drizzle-orm';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { careEvent, carePlan, careReport, lot, outbox, restoration, sale, saleStruck, tinSale, tinSaleStruck } from '../schema';
import { move } from '../stores/commands';
import { tinSaleStands } from '../stores/tin-sales';
import { forgetName } from './owners';
import { planOf } from './plans';

/** Letters that have left, or may have. */
const GONE = ['sent', 'sending', 'failed'] as const;

/** A tin that went with the piece goes back on the shelf, and its grams into the ledger. */
function tinsBack(tx: Db, pieceId: number, by: By): Result<void> {
  for (const one of tx
    .select()
    .from(tinSale)
    .where(and(eq(tinSale.withPieceId, pieceId), tinSaleStands))
    .all()) {
    const row = tx.select().from(lot).where(eq(lot.id, one.lotId)).get();
    const back = move(tx, { lotId: one.lotId, grams: ((row?.receivedG ?? 0) * one.count) / (row?.count ?? 1), why: 'sale' }, by);
    if (!back.ok) return back;
    tx.insert(tinSaleStruck).values({ tinSaleId: one.id, at: by.nowMs }).run();
  }
  return ok(undefined);
}

/** Someone who has nothing else from the shop is not kept. */
function forgetUnlessKnown(tx: Db, ownerId: number | null, nowMs: number): void {
  if (ownerId === null) return;
  const other =
    tx.select({ id: sale.id }).from(sale).where(eq(sale.ownerId, ownerId)).get() ??
    tx
      .select({ id: tinSale.id })
      .from(tinSale)
      .where(and(eq(tinSale.ownerId, ownerId), tinSaleStands))
      .get() ??
    tx.select({ id: carePlan.id }).from(carePlan).where(eq(carePlan.holderId, ownerId)).get();
  if (!other) forgetName(tx, ownerId, nowMs);
}

/** Whether something came of a sale: a letter left, its owner said something, or it came home. */
function cameOfIt(tx: Db, { sale: { pieceId }, plan }: NonNullable<ReturnType<typeof planOf>>): boolean {
  const found =
    tx.select({ id: careReport.id }).from(careReport).where(eq(careReport.carePlanId, plan.id)).get() ??
    tx
      .select({ id: outbox.id })
      .from(outbox)
      .where(and(eq(outbox.carePlanId, plan.id), inArray(outbox.state, [...GONE])))
      .get() ??
    tx.select({ id: restoration.batchId }).from(restoration).where(eq(restoration.pieceId, pieceId)).get();
  return found !== undefined;
}

/** Whether the sale of a piece may still be taken back. */
export function maySaleBeStruck(db: Db, code: string): boolean {
  const row = planOf(db, code);
  return row !== undefined && !cameOfIt(db, row);
}

/**
 * Takes a sale back while nothing came of it: its slip, plan and dates go, a tin that went with it comes back, and that it was sold and
 * taken back stays written. Once a letter has left or its owner has said something, it stands.
 */
export function strikeSale(db: Db, codes: readonly string[], by: By): Result<void> {
  return command(db, (tx) => {
    for (const code of codes) {
      const row = planOf(tx, code);
      if (!row) return fail('not-found', 'code');
      if (cameOfIt(tx, row)) return fail('sale-stands', 'code');
      const back = tinsBack(tx, row.sale.pieceId, by);
      if (!back.ok) return back;
      tx.insert(saleStruck)
        .values({
          pieceId: row.sale.pieceId,
          soldOn: row.sale.soldOn,
          priceMinor: row.sale.priceMinor,
          soldBy: row.sale.personId,
          soldAt: row.sale.at,
          personId: by.personId,
          at: by.nowMs,
        })
        .run();
      tx.delete(outbox).where(eq(outbox.carePlanId, row.plan.id)).run();
      tx.delete(careEvent).where(eq(careEvent.carePlanId, row.plan.id)).run();
      tx.delete(carePlan).where(eq(carePlan.id, row.plan.id)).run();
      tx.delete(sale).where(eq(sale.id, row.sale.id)).run();
      for (const who of new Set([row.sale.ownerId, row.plan.holderId])) forgetUnlessKnown(tx, who, by.nowMs);
    }
    return ok(undefined);
  });
}
