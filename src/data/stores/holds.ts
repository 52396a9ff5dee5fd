import 'server-only';
import { and, eq, isNull, sql } from 'drizzle-orm';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { hold, lot } from '../schema';

/** The number of the held lot that a lot is, or came from; null when nothing stops it. What was drawn before the hold was laid is drawn. */
export function heldBy(db: Db, lotId: number, atMs: number): string | null {
  const row = db.get<{ number: string } | undefined>(sql`
    with recursive back(id) as (
      select ${lotId}
      union select e.from_lot from lot_edge e join back on e.into_lot = back.id
    )
    select l.number from back join hold h on h.lot_id = back.id and h.lifted_at is null and h.at <= ${atMs} join lot l on l.id = back.id limit 1`);
  return row?.number ?? null;
}

/** Holds a lot: from now on nothing may be drawn from it, nor from anything it went into. What holds it already stays beside it. */
export function holdLot(db: Db, lotId: number, reason: string, by: By): Result<void> {
  return command(db, (tx) => {
    if (!tx.select().from(lot).where(eq(lot.id, lotId)).get()) return fail('not-found', 'lotId');
    if (reason.trim() === '') return fail('reason-needed', 'reason');
    const open = tx
      .select()
      .from(hold)
      .where(and(eq(hold.lotId, lotId), isNull(hold.liftedAt)))
      .all();
    // The same said twice is said once; another reason is kept beside the first.
    if (open.some((one) => one.reason === reason.trim())) return ok(undefined);
    tx.insert(hold).values({ lotId, reason: reason.trim(), personId: by.personId, at: by.nowMs }).run();
    return ok(undefined);
  });
}

export function liftHold(db: Db, lotId: number, why: string, by: By): Result<void> {
  return command(db, (tx) => {
    if (why.trim() === '') return fail('reason-needed', 'why');
    const lifted = tx
      .update(hold)
      .set({ liftedBy: by.personId, liftedAt: by.nowMs, liftWhy: why.trim() })
      .where(and(eq(hold.lotId, lotId), isNull(hold.liftedAt)))
      .run();
    return lifted.changes === 0 ? fail('not-found', 'lotId') : ok(undefined);
  });
}
