import 'server-only';
import { and, desc, eq, gt } from 'drizzle-orm';
import { intervalOf, type Language, looksFrom, ownInterval, taughtDays, type Use, type Wash } from '@/core/care';
import { addDays, dateOf, fail, ok, type Result } from '@/core/quantity';
import { command } from '../command';
import type { Db } from '../db';
import { voidWaiting } from '../mail/write';
import { careEvent, carePlan, careReport, outbox, owner, piece, sale } from '../schema';
import { theShop } from '../shop/queries';
import { taughtOfBatch } from '../trials/teach';
import { loadBatch } from '../work/batch';
import { CARE_HORIZON_DAYS } from './horizon';

export type CarePlan = typeof carePlan.$inferSelect;

/** The plan and sale of a piece by its code. */
export const planOf = (tx: Db, code: string) =>
  tx
    .select({ plan: carePlan, sale })
    .from(piece)
    .innerJoin(sale, eq(sale.pieceId, piece.id))
    .innerJoin(carePlan, eq(carePlan.saleId, sale.id))
    .where(eq(piece.code, code))
    .get();

/** Days on which a piece was re-oiled, as its owner or the shop said. */
export const reOiledOn = (tx: Db, planId: number): string[] =>
  tx
    .select({ on: careReport.reportedOn })
    .from(careReport)
    .where(and(eq(careReport.carePlanId, planId), eq(careReport.kind, 're-oiled')))
    .orderBy(careReport.reportedOn)
    .all()
    .map((row) => row.on);

/** Takes off the dates that are still to come; those that go on count where the last one stopped. */
function clearAhead(tx: Db, planId: number, today: string): number {
  // A date that was written about keeps its number for good, so that no look is ever written about twice.
  const last = tx
    .select({ n: careEvent.ordinal })
    .from(careEvent)
    .where(eq(careEvent.carePlanId, planId))
    .orderBy(desc(careEvent.ordinal))
    .get();
  const written = tx
    .select({ n: outbox.ordinal })
    .from(outbox)
    .where(eq(outbox.carePlanId, planId))
    .orderBy(desc(outbox.ordinal))
    .get();
  tx.delete(careEvent)
    .where(and(eq(careEvent.carePlanId, planId), gt(careEvent.dueOn, today)))
    .run();
  voidWaiting(tx, planId);
  return Math.max(last?.n ?? -1, written?.n ?? -1) + 1;
}

/** Writes the dates to come anew: from the last treatment on, by the owner's own rhythm and the seasons where it stands. */
export function rewriteDates(tx: Db, planId: number, soldOn: string, today: string): void {
  const plan = tx.select().from(carePlan).where(eq(carePlan.id, planId)).get();
  if (!plan) return;
  const first = clearAhead(tx, planId, today);
  if (plan.intervalDays === null || plan.endedAt !== null) return;
  const done = reOiledOn(tx, planId);
  const interval = ownInterval(plan.intervalDays, [soldOn, ...done]);
  const dates = looksFrom(interval, plan.country, done.at(-1) ?? soldOn, addDays(today, CARE_HORIZON_DAYS)).filter(
    (date) => date > today,
  );
  const looks = dates.length > 0 ? dates : looksFrom(interval, plan.country, today, today);
  tx.insert(careEvent)
    .values(looks.map((dueOn, i) => ({ carePlanId: planId, ordinal: first + i, dueOn })))
    .run();
}

export type PlanChange = {
  readonly code: string;
  readonly language: Language;
  readonly country: string | null;
  readonly use: Use;
  readonly wash: Wash;
};

/** By what the shop's washing trials move the interval of a piece's finish. */
function timesFor(tx: Db, pieceId: number): number {
  const of = tx.select({ id: piece.batchId }).from(piece).where(eq(piece.id, pieceId)).get();
  const batch = of && loadBatch(tx, of.id, 0);
  return batch ? taughtOfBatch(tx, batch).factor : 1;
}

/** A piece that moved, or is used otherwise than was thought: its dates are reckoned anew. */
export function changePlan(db: Db, { code, ...change }: PlanChange, nowMs: number): Result<void> {
  return command(db, (tx) => {
    const found = planOf(tx, code);
    if (!found) return fail('not-found', 'code');
    const { plan } = found;
    tx.update(carePlan)
      .set({
        ...change,
        intervalDays:
          plan.ownDays ?? taughtDays(intervalOf(plan.careClass, change.use, change.wash), timesFor(tx, found.sale.pieceId)),
      })
      .where(eq(carePlan.id, plan.id))
      .run();
    rewriteDates(tx, plan.id, found.sale.soldOn, dateOf(nowMs, theShop(tx).zone));
    return ok(undefined);
  });
}

/** The one it belongs to now: whom it was given to, or else who bought it. */
export const holderIdOf = ({ plan, sale: sold }: NonNullable<ReturnType<typeof planOf>>): number | null =>
  plan.holderId ?? sold.ownerId;

/** Writes down who has a piece now, with an address or without; what waited for the one before is taken back. */
export function giveTo(tx: Db, planId: number, to: { readonly name: string; readonly email: string }): void {
  const { id } = tx
    .insert(owner)
    .values({ name: to.name.trim() || 'not named', email: to.email.trim() || null })
    .returning({ id: owner.id })
    .get();
  tx.update(carePlan).set({ holderId: id, stoppedAt: null }).where(eq(carePlan.id, planId)).run();
  voidWaiting(tx, planId);
}

/** Someone else has the piece, or the same person another address. Letters go there from now on. */
export function setHolder(db: Db, input: { readonly code: string; readonly name: string; readonly email: string }): Result<void> {
  return command(db, (tx) => {
    const found = planOf(tx, input.code);
    if (!found) return fail('not-found', 'code');
    giveTo(tx, found.plan.id, input);
    return ok(undefined);
  });
}

/** The piece is no more: nothing is due, nothing is written. */
export function endPlan(tx: Db, planId: number, nowMs: number, today: string): void {
  tx.update(carePlan).set({ endedAt: nowMs, stoppedAt: nowMs }).where(eq(carePlan.id, planId)).run();
  clearAhead(tx, planId, today);
}
