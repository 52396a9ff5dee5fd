import 'server-only';
import { and, asc, desc, eq, gt, inArray, isNull, or } from 'drizzle-orm';
import { dateOf, fail, MS_PER_DAY, ok, type Result } from '@/core/quantity';
import { command } from '../command';
import type { Db } from '../db';
import { voidWaiting } from '../mail/write';
import { batch, carePlan, careReport, outbox, owner, piece, type REPORTS, sale, tinSale } from '../schema';
import { theShop } from '../shop/queries';
import { tinSaleStands } from '../stores/tin-sales';
import { type CarePlan, endPlan, giveTo, holderIdOf, planOf, reOiledOn, rewriteDates } from './plans';

/** What one piece's page takes in a day: so many words, and so many bytes of photos as they are kept. */
const MOST_A_DAY = 12;
const MOST_BYTES_A_DAY = 6_000_000;
/** Past that, what is wrong with a piece is still kept in words, so many times a day: a complaint is not lost to a measure. */
const MOST_WORDS_A_DAY = 50;

type Report = {
  readonly code: string;
  readonly kind: (typeof REPORTS)[number];
  readonly note: string;
  readonly photo?: string | null;
  readonly photoBytes?: number;
  /** Beyond the day's measure: only what is wrong is taken, and only its words. */
  readonly wordsOnly?: boolean;
  /** Who of the shop wrote it down; nobody when the owner said it. */
  readonly personId?: number | null;
};

/** What an owner says of a piece, or the shop for them. A re-oiling moves the dates by the owner's own rhythm; the same said twice in a day is said once. */
export function reportCare(
  db: Db,
  { code, kind, note, photo = null, photoBytes = 0, wordsOnly = false, personId = null }: Report,
  nowMs: number,
): Result<void> {
  return command(db, (tx) => {
    const found = planOf(tx, code);
    if (!found) return fail('not-found', 'code');
    const { plan } = found;
    const lately = tx
      .select()
      .from(careReport)
      .where(and(eq(careReport.carePlanId, plan.id), gt(careReport.at, nowMs - MS_PER_DAY)))
      .all();
    const words = note.trim().slice(0, 2000);
    // A form sent twice is one word; something else that is wrong on the same day is another.
    if (kind === 'wrong' && lately.some((one) => one.kind === kind && one.note === words && one.photo === photo))
      return ok(undefined);
    const bytes = lately.reduce((sum, one) => sum + one.photoBytes, photoBytes);
    const isFull = wordsOnly
      ? kind !== 'wrong' || photo !== null || lately.length >= MOST_WORDS_A_DAY
      : lately.length >= MOST_A_DAY || bytes > MOST_BYTES_A_DAY;
    if (isFull) return fail('too-many-today', 'note');
    const today = dateOf(nowMs, theShop(tx).zone);
    const added = tx
      .insert(careReport)
      .values({
        carePlanId: plan.id,
        kind,
        reportedOn: today,
        note: words,
        photo,
        photoBytes,
        personId,
        at: nowMs,
        seenAt: personId === null ? null : nowMs,
      })
      .onConflictDoNothing()
      .run().changes;
    if (added === 0) return ok(undefined);
    if (kind === 're-oiled') rewriteDates(tx, plan.id, found.sale.soldOn, today);
    // Whoever has it now is not known: nobody is written to, and the one who gave it away never again.
    if (kind === 'given') giveTo(tx, plan.id, { name: '', email: '' });
    if (kind === 'ended') endPlan(tx, plan.id, nowMs, today);
    return ok(undefined);
  });
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
    else if (found.plan.endedAt !== null) {
      // Said to be no more by mistake: it has looks again.
      tx.update(carePlan).set({ endedAt: null }).where(eq(carePlan.id, found.plan.id)).run();
      rewriteDates(tx, found.plan.id, found.sale.soldOn, dateOf(nowMs, theShop(tx).zone));
    }
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

/** All that was said of one piece, newest first. */
export const reportsOf = (db: Db, planId: number): (typeof careReport.$inferSelect)[] =>
  db.select().from(careReport).where(eq(careReport.carePlanId, planId)).orderBy(desc(careReport.at)).all();

export function seeReport(db: Db, id: number, nowMs: number): Result<void> {
  return command(db, (tx) => {
    const seen = tx.update(careReport).set({ seenAt: nowMs }).where(eq(careReport.id, id)).run().changes;
    return seen > 0 ? ok(undefined) : fail('not-found', 'id');
  });
}

export type OwnerData = {
  readonly stopped: boolean;
  readonly ended: boolean;
  readonly reOiledOn: readonly string[];
  readonly ownerId: number | null;
  readonly holder: string | null;
  readonly hasAddress: boolean;
  readonly bounced: boolean;
  readonly plan: CarePlan;
};

/** How a sold piece stands with its owner: letters, re-oilings, who has it now. */
export function ownerDataOf(db: Db, code: string): OwnerData | null {
  const found = planOf(db, code);
  if (!found) return null;
  const ownerId = holderIdOf(found);
  const holder = ownerId === null ? undefined : db.select().from(owner).where(eq(owner.id, ownerId)).get();
  return {
    stopped: found.plan.stoppedAt !== null,
    ended: found.plan.endedAt !== null,
    reOiledOn: reOiledOn(db, found.plan.id),
    ownerId,
    holder: holder?.name ?? null,
    hasAddress: Boolean(holder?.email),
    bounced: holder?.bouncedAt != null,
    plan: found.plan,
  };
}

/** Plans of pieces a person bought or has now. */
const plansOf = (tx: Db, ownerId: number): number[] =>
  tx
    .select({ id: carePlan.id })
    .from(carePlan)
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .where(or(eq(carePlan.holderId, ownerId), and(eq(sale.ownerId, ownerId), isNull(carePlan.holderId))))
    .all()
    .map((row) => row.id);

/** Codes of the pieces a person has that are still in use. */
export const codesOf = (db: Db, ownerId: number): string[] => {
  const plans = plansOf(db, ownerId);
  return db
    .select({ code: piece.code })
    .from(carePlan)
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .where(and(inArray(carePlan.id, plans), isNull(carePlan.endedAt)))
    .orderBy(asc(piece.id))
    .all()
    .map((row) => row.code);
};

/** Plans of pieces a person bought, whoever has them now. */
const boughtBy = (tx: Db, ownerId: number): number[] =>
  tx
    .select({ id: carePlan.id })
    .from(carePlan)
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .where(eq(sale.ownerId, ownerId))
    .all()
    .map((one) => one.id);

/** Letters about what a person has now, and all that went to their address. */
const lettersTo = (plans: readonly number[], email: string | null) =>
  or(inArray(outbox.carePlanId, [...plans]), email === null ? undefined : eq(outbox.to, email));

/** Everything kept of one person, as a file for them. */
export function exportOwner(db: Db, ownerId: number): Record<string, unknown> | null {
  const row = db.select().from(owner).where(eq(owner.id, ownerId)).get();
  if (!row) return null;
  const now = plansOf(db, ownerId);
  const ever = [...now, ...boughtBy(db, ownerId)];
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
      .where(and(eq(tinSale.ownerId, ownerId), tinSaleStands))
      .all()
      .map(({ lotId, count, soldOn }) => ({ lotId, count, soldOn })),
    said: db
      .select()
      .from(careReport)
      .where(inArray(careReport.carePlanId, ever))
      .all()
      .map(({ kind, reportedOn, note, photo }) => ({
        kind,
        on: reportedOn,
        note,
        photo,
      })),
    letters: db
      .select()
      .from(outbox)
      .where(lettersTo(now, row.email))
      .all()
      .map(({ subject, body, state, dueOn }) => ({ subject, body, state, dueOn })),
  };
}

/** What lies beside the file and goes with a person: letters by name, photos by hash. */
type Erased = { readonly files: readonly string[]; readonly photos: readonly string[] };

/** Takes a person's name and address away; what points at them stays. */
export const forgetName = (tx: Db, ownerId: number, nowMs: number): void => {
  const row = tx.select().from(owner).where(eq(owner.id, ownerId)).get();
  // What was made to order under this name goes without it too.
  if (row && row.name !== '') tx.update(batch).set({ customer: '', wishes: '' }).where(eq(batch.customer, row.name)).run();
  tx.update(owner).set({ name: 'erased', email: null, bouncedAt: null, erasedAt: nowMs }).where(eq(owner.id, ownerId)).run();
};

/** Forgets one person everywhere in one go; pieces, sales and the trace stay, without a name. Gives the letter files to remove. */
export function eraseOwner(db: Db, ownerId: number, nowMs: number): Result<Erased> {
  return command(db, (tx) => {
    const row = tx.select().from(owner).where(eq(owner.id, ownerId)).get();
    if (!row) return fail('not-found', 'ownerId');
    if (row.erasedAt !== null) return fail('already-decided', 'ownerId');
    forgetName(tx, ownerId, nowMs);
    const files: string[] = [];
    const photos: string[] = [];
    const now = plansOf(tx, ownerId);
    const ever = [...new Set([...now, ...boughtBy(tx, ownerId)])];
    const theirs = lettersTo(now, row.email);
    for (const letter of tx.select().from(outbox).where(theirs).all()) if (letter.file) files.push(letter.file);
    tx.update(outbox)
      .set({ state: 'voided' })
      .where(and(theirs, inArray(outbox.state, ['draft', 'waiting', 'failed'])))
      .run();
    tx.update(outbox).set({ to: '', subject: '', body: '', file: null, why: '' }).where(theirs).run();
    for (const report of tx.select().from(careReport).where(inArray(careReport.carePlanId, ever)).all())
      if (report.photo) photos.push(report.photo);
    tx.update(careReport).set({ note: '', photo: null }).where(inArray(careReport.carePlanId, ever)).run();
    tx.update(carePlan).set({ stoppedAt: nowMs }).where(inArray(carePlan.id, now)).run();
    return ok({ files, photos });
  });
}
