import 'server-only';
import { and, asc, eq, inArray, isNotNull, isNull, lte } from 'drizzle-orm';
import { addDays, dateOf, formatInstant } from '@/core/quantity';
import type { Db } from '../db';
import { careEvent, carePlan, outbox, owner, piece, sale } from '../schema';
import { theShop } from '../shop/queries';
import { loadBatch, tagOf } from '../work/batch';

export type LetterRow = typeof outbox.$inferSelect;
/** What hands a letter on; see devices/post. */
export type Sender = {
  readonly sendsTwice: boolean;
  readonly send: (letter: {
    readonly id: string;
    readonly from: string;
    readonly to: string;
    readonly subject: string;
    readonly text: string;
    readonly dateMs: number;
  }) => Promise<string | null>;
};

/** A look that was due longer ago than this is written about no more. */
const STALE_DAYS = 14;
/** Nobody is written to between these hours of the shop's clock. */
export const QUIET = { from: '20:00', until: '08:00' } as const;
/** At most so many letters leave in one go. */
const BATCH = 50;

const isQuiet = (nowMs: number, zone: string): boolean => {
  const time = formatInstant(nowMs, zone).slice(11, 16);
  return time >= QUIET.from || time < QUIET.until;
};

/** Writes the letters whose look is due; each look once, whatever its date has become. Gives how many are new. */
export function writeLetters(db: Db, nowMs: number): number {
  const shop = theShop(db);
  const today = dateOf(nowMs, shop.zone);
  const due = db
    .select({ planId: carePlan.id, ordinal: careEvent.ordinal, dueOn: careEvent.dueOn, email: owner.email, piece })
    .from(careEvent)
    .innerJoin(carePlan, eq(carePlan.id, careEvent.carePlanId))
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .innerJoin(owner, eq(owner.id, sale.ownerId))
    .where(and(lte(careEvent.dueOn, today), isNull(carePlan.stoppedAt), isNotNull(owner.email), isNull(owner.erasedAt)))
    .all()
    .filter((row) => row.dueOn >= addDays(today, -STALE_DAYS));
  let made = 0;
  for (const row of due) {
    const batch = loadBatch(db, row.piece.batchId, nowMs);
    if (!batch || row.email === null) continue;
    const what = `${batch.species.name.toLowerCase()} ${batch.design.name.toLowerCase()}`;
    const link = shop.baseAddress ? `${shop.baseAddress}/care/${row.piece.code}` : null;
    const body = [
      `Your ${what} (${tagOf(batch, row.piece)}) from ${shop.name} is due a look.`,
      'Look first: when the wood is dull or a water drop no longer beads, treat it as its card says. If it looks well, leave it.',
      link ? `How to care for it, and to say that it was re-oiled or that something is wrong:\n${link}` : '',
      link
        ? `To have no more of these letters: ${link}#letters`
        : 'To have no more of these letters, answer with the word “stop”.',
    ]
      .filter(Boolean)
      .join('\n\n');
    made += db
      .insert(outbox)
      .values({
        carePlanId: row.planId,
        ordinal: row.ordinal,
        dueOn: row.dueOn,
        to: row.email,
        subject: `A look at your ${what}`,
        body,
        madeAt: nowMs,
      })
      .onConflictDoNothing({ target: [outbox.carePlanId, outbox.ordinal] })
      .run().changes;
  }
  return made;
}

/** What was being sent when the shop fell over: a file can be written again, a mail server cannot be asked, so it is left to a person. */
function pickUp(db: Db, sender: Sender): void {
  db.update(outbox)
    .set(
      sender.sendsTwice
        ? { state: 'failed', why: 'It may have gone: the shop stopped while it was being sent.' }
        : { state: 'waiting' },
    )
    .where(eq(outbox.state, 'sending'))
    .run();
}

/** Sends what waits, outside the quiet hours; a letter is never sent twice, even when the shop stops half-way. */
export async function sendLetters(
  db: Db,
  sender: Sender,
  nowMs: number,
): Promise<{ readonly sent: number; readonly failed: number }> {
  const shop = theShop(db);
  pickUp(db, sender);
  if (isQuiet(nowMs, shop.zone)) return { sent: 0, failed: 0 };
  const waiting = db.select().from(outbox).where(eq(outbox.state, 'waiting')).orderBy(asc(outbox.id)).limit(BATCH).all();
  let [sent, failed] = [0, 0];
  for (const row of waiting) {
    const still = db
      .update(outbox)
      .set({ state: 'sending' })
      .where(and(eq(outbox.id, row.id), eq(outbox.state, 'waiting')))
      .run().changes;
    if (still === 0) continue;
    try {
      const file = await sender.send({
        id: `look-${row.carePlanId}-${row.ordinal}`,
        from: `"${shop.name.replace(/"/g, '')}" <shop@localhost>`,
        to: row.to,
        subject: row.subject,
        text: row.body,
        dateMs: nowMs,
      });
      db.update(outbox).set({ state: 'sent', sentAt: nowMs, file }).where(eq(outbox.id, row.id)).run();
      sent++;
    } catch (error) {
      // An address that bounces is not tried again and again; a person looks at it.
      db.update(outbox)
        .set({ state: 'failed', why: error instanceof Error ? error.message.slice(0, 200) : 'It was not taken.' })
        .where(eq(outbox.id, row.id))
        .run();
      failed++;
    }
  }
  return { sent, failed };
}

/** Letters, newest first. */
export const letters = (db: Db): LetterRow[] => db.select().from(outbox).orderBy(asc(outbox.id)).all().reverse();

/** Takes letters back that have not left: the plan was stopped, the owner erased, the date moved on. */
export const voidWaiting = (tx: Db, carePlanId: number): void => {
  tx.update(outbox)
    .set({ state: 'voided' })
    .where(and(eq(outbox.carePlanId, carePlanId), inArray(outbox.state, ['waiting', 'failed'])))
    .run();
};
