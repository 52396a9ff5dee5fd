import 'server-only';
import { eq, sql } from 'drizzle-orm';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { supply, supplyMove } from '../schema';

const leftOf = (tx: Db, supplyId: number): number =>
  tx
    .select({ left: sql<number>`coalesce(sum(${supplyMove.change}), 0)` })
    .from(supplyMove)
    .where(eq(supplyMove.supplyId, supplyId))
    .get()?.left ?? 0;

/** Adds a thing that is used up: cloths, gloves, paper, labels; with how many there are. */
export function addSupply(
  db: Db,
  {
    name,
    counted,
    have,
    clientId,
  }: { readonly name: string; readonly counted: string; readonly have: number; readonly clientId: string },
  by: By,
): Result<{ readonly id: number }> {
  return command(db, (tx) => {
    if (name.trim() === '') return fail('name-needed', 'name');
    const namesake = tx.select({ id: supply.id }).from(supply).where(sql`lower(${supply.name}) = lower(${name})`).get();
    if (namesake) return fail('name-taken', 'name', { name });
    const row = tx.insert(supply).values({ name, counted }).returning({ id: supply.id }).get();
    if (have > 0)
      tx.insert(supplyMove)
        .values({ clientId, supplyId: row.id, change: have, why: 'came', personId: by.personId, at: by.nowMs })
        .run();
    return ok(row);
  });
}

/** So many came, or so many are there now: what a count finds missing was used. Sent twice it counts once. */
export function moveSupply(
  db: Db,
  {
    supplyId,
    why,
    amount,
    clientId,
  }: { readonly supplyId: number; readonly why: 'came' | 'counted'; readonly amount: number; readonly clientId: string },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    if (!tx.select().from(supply).where(eq(supply.id, supplyId)).get()) return fail('not-found', 'supplyId');
    if (tx.select().from(supplyMove).where(eq(supplyMove.clientId, clientId)).get()) return ok(undefined);
    const change = why === 'came' ? amount : amount - leftOf(tx, supplyId);
    if (why === 'came' && amount <= 0) return fail('must-be-positive', 'amount');
    if (change !== 0)
      tx.insert(supplyMove).values({ clientId, supplyId, change, why, personId: by.personId, at: by.nowMs }).run();
    return ok(undefined);
  });
}
