import 'server-only';
import { and, asc, desc, eq, gt, isNull } from 'drizzle-orm';
import { ownInterval } from '@/core/care';
import { addDays, dateOf, fail, ok, type Result } from '@/core/quantity';
import { command } from '../command';
import type { Db } from '../db';
import { careEvent, carePlan, careReport, outbox, owner, piece, sale, tinSale } from '../schema';
import { theShop } from '../shop/queries';
import { CARE_HORIZON_DAYS } from './commands';
import { voidWaiting } from './post';

/** So many reports of one piece are taken in a day; more is someone's joke. */
const MOST_A_DAY = 5;
const DAY_MS = 86_400_000;

const planOf = (tx: Db, code: string) =>
  tx
    .select({ plan: carePlan, sale })
    .from(piece)
    .innerJoin(sale, eq(sale.pieceId, piece.id))
    .innerJoin(carePlan, eq(carePlan.saleId, sale.id))
    .where(eq(piece.code, code))
    .get();

type Report = { readonly code: string; readonly kind: 're-oiled' | 'wrong'; readonly note: string };

/** What an owner says of a piece. A re-oiling moves the dates by the owner's own rhythm; the same said twice in a day is said once. */
export function reportCare(db: Db, { code, kind, note }: Report, nowMs: number): Result<void> {
  return command(db, (tx) => {
    const found = planOf(tx, code);
    if (!found) return fail('not-found', 'code');
    const { plan } = found;
    const lately = tx
      .select()
      .from(careReport)
      .where(and(eq(careReport.carePlanId, plan.id), gt(careReport.at, nowMs - DAY_MS)))
      .all();
    if (lately.length >= MOST_A_DAY) return fail('too-large', 'note', { most: MOST_A_DAY });
    const today = dateOf(nowMs, theShop(tx).zone);
    const added = tx
      .insert(careReport)
      .values({ carePlanId: plan.id, kind, reportedOn: today, note: note.trim().slice(0, 2000), at: nowMs })
      .onConflictDoNothing()
      .run().changes;
    if (added > 0 && kind === 're-oiled') moveDates(tx, plan, found.sale.soldOn, today);
    return ok(undefined);
  });
}

/** The dates from a re-oiling on; those still to come are written anew, and go on counting where the last letter stopped. */
function moveDates(tx: Db, plan: typeof carePlan.$inferSelect, soldOn: string, today: string): void {
  if (plan.intervalDays === null) return;
  const done = tx
    .select({ on: careReport.reportedOn })
    .from(careReport)
    .where(and(eq(careReport.carePlanId, plan.id), eq(careReport.kind, 're-oiled')))
    .all()
    .map((row) => row.on);
  const interval = ownInterval(plan.intervalDays, [soldOn, ...done]);
  const last = tx
    .select()
    .from(careEvent)
    .where(eq(careEvent.carePlanId, plan.id))
    .orderBy(desc(careEvent.ordinal))
    .limit(1)
    .get();
  tx.delete(careEvent)
    .where(and(eq(careEvent.carePlanId, plan.id), gt(careEvent.dueOn, today)))
    .run();
  voidWaiting(tx, plan.id);
  const count = Math.max(1, Math.floor(CARE_HORIZON_DAYS / interval));
  tx.insert(careEvent)
    .values(
      Array.from({ length: count }, (_, i) => ({
        carePlanId: plan.id,
        ordinal: (last?.ordinal ?? 0) + 1 + i,
        dueOn: addDays(today, (i + 1) * interval),
      })),
    )
    .run();
}

/** No more letters about a piece, or letters again. */
export function stopLetters(db: Db, code: string, stop: boolean, nowMs: number): Result<void> {
  return command(db, (tx) => {
    const found = planOf(tx, code);
    if (!found) return fail('not-found', 'code');
    tx.update(carePlan)
      .set({ stoppedAt: stop ? nowMs : null })
      .where(eq(carePlan.id, found.plan.id))
      .run();
    if (stop) voidWaiting(tx, found.plan.id);
    return ok(undefined);
  });
}

export type ReportRow = typeof careReport.$inferSelect & { readonly code: string };

/** What owners said and nobody of the shop has seen, oldest first. */
export const unseenReports = (db: Db): ReportRow[] =>
  db
    .select({ report: careReport, code: piece.code })
    .from(careReport)
    .innerJoin(carePlan, eq(carePlan.id, careReport.carePlanId))
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .where(isNull(careReport.seenAt))
    .orderBy(asc(careReport.at))
    .all()
    .map(({ report, code }) => ({ ...report, code }));

export function seeReport(db: Db, id: number, nowMs: number): Result<void> {
  return command(db, (tx) => {
    const seen = tx.update(careReport).set({ seenAt: nowMs }).where(eq(careReport.id, id)).run().changes;
    return seen > 0 ? ok(undefined) : fail('not-found', 'id');
  });
}

/** Whether a piece's letters are stopped, and when it was re-oiled by its owner. */
export function careOf(
  db: Db,
  code: string,
): { readonly stopped: boolean; readonly reOiledOn: readonly string[]; readonly ownerId: number | null } | null {
  const found = planOf(db, code);
  if (!found) return null;
  const rows = db
    .select()
    .from(careReport)
    .where(and(eq(careReport.carePlanId, found.plan.id), eq(careReport.kind, 're-oiled')))
    .orderBy(asc(careReport.reportedOn))
    .all();
  return { stopped: found.plan.stoppedAt !== null, reOiledOn: rows.map((row) => row.reportedOn), ownerId: found.sale.ownerId };
}

const plansOf = (tx: Db, ownerId: number): number[] =>
  tx
    .select({ id: carePlan.id })
    .from(carePlan)
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .where(eq(sale.ownerId, ownerId))
    .all()
    .map((row) => row.id);

/** Everything kept of one person, as a file for them. */
export function exportOwner(db: Db, ownerId: number): Record<string, unknown> | null {
  const row = db.select().from(owner).where(eq(owner.id, ownerId)).get();
  if (!row) return null;
  const plans = plansOf(db, ownerId);
  const of = <T extends { readonly carePlanId: number }>(rows: readonly T[]): T[] =>
    rows.filter((one) => plans.includes(one.carePlanId));
  return {
    name: row.name,
    email: row.email,
    pieces: db
      .select({ code: piece.code, soldOn: sale.soldOn, priceMinor: sale.priceMinor })
      .from(sale)
      .innerJoin(piece, eq(piece.id, sale.pieceId))
      .where(eq(sale.ownerId, ownerId))
      .all(),
    tins: db
      .select()
      .from(tinSale)
      .where(eq(tinSale.ownerId, ownerId))
      .all()
      .map(({ lotId, count, soldOn }) => ({ lotId, count, soldOn })),
    said: of(db.select().from(careReport).all()).map(({ kind, reportedOn, note }) => ({ kind, on: reportedOn, note })),
    letters: of(db.select().from(outbox).all()).map(({ subject, body, state, dueOn }) => ({ subject, body, state, dueOn })),
  };
}

/** Forgets one person everywhere in one go; pieces, sales and the trace stay, without a name. Gives the letter files to remove. */
export function eraseOwner(db: Db, ownerId: number, nowMs: number): Result<{ readonly files: readonly string[] }> {
  return command(db, (tx) => {
    const row = tx.select().from(owner).where(eq(owner.id, ownerId)).get();
    if (!row) return fail('not-found', 'ownerId');
    if (row.erasedAt !== null) return fail('already-decided', 'ownerId');
    tx.update(owner).set({ name: 'erased', email: null, erasedAt: nowMs }).where(eq(owner.id, ownerId)).run();
    const files: string[] = [];
    for (const planId of plansOf(tx, ownerId)) {
      voidWaiting(tx, planId);
      for (const letter of tx.select().from(outbox).where(eq(outbox.carePlanId, planId)).all())
        if (letter.file) files.push(letter.file);
      tx.update(outbox).set({ to: '', body: '', file: null }).where(eq(outbox.carePlanId, planId)).run();
      tx.update(careReport).set({ note: '' }).where(eq(careReport.carePlanId, planId)).run();
      tx.update(carePlan).set({ stoppedAt: nowMs }).where(eq(carePlan.id, planId)).run();
    }
    return ok({ files });
  });
}
