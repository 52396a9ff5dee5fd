import 'server-only';
import { and, asc, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import type { Language } from '@/core/care';
import type { Post, Worded } from '@/core/letters';
import { fail, formatInstant, groupBy, ok, type Result } from '@/core/quantity';
import { command } from '../command';
import type { Db } from '../db';
import { carePlan, outbox, owner, piece, sale } from '../schema';
import { theShop } from '../shop/queries';

/** Nobody is written to between these hours of the shop's clock. */
export const QUIET = { from: '20:00', until: '08:00' } as const;

/** At most so many letters leave in one go. */
const BATCH = 50;

const isQuiet = (nowMs: number, zone: string): boolean => {
  const time = formatInstant(nowMs, zone).slice(11, 16);
  return time >= QUIET.from || time < QUIET.until;
};

/** What was being sent when the shop fell over: a file can be written again, a mail server cannot be asked, so it is left to a person. */
function pickUp(db: Db, sender: Post): void {
  db.update(outbox)
    .set(
      sender.sendsTwice
        ? { state: 'failed', why: 'It may have gone: the shop stopped while it was being sent.' }
        : { state: 'waiting' },
    )
    .where(eq(outbox.state, 'sending'))
    .run();
}

/** Puts what waits for one address into one parcel, named before anything leaves, so that it is the same parcel after a crash. */
function packParcels(db: Db): void {
  const loose = db
    .select()
    .from(outbox)
    .where(and(eq(outbox.state, 'waiting'), isNull(outbox.parcel)))
    .orderBy(asc(outbox.id))
    .limit(BATCH)
    .all();
  const names = new Map<string, string>();
  for (const row of loose) {
    const key = `${row.kind} ${row.to}`;
    const name = names.get(key) ?? `${row.key.replaceAll(':', '-')}-${row.carePlanId}`;
    names.set(key, name);
    db.update(outbox).set({ parcel: name }).where(eq(outbox.id, row.id)).run();
  }
}

/** Whether a mail server said that nobody can be reached there; anything else may be tried again by hand. */
const isBounce = (error: unknown): boolean => {
  const code = (error as { readonly responseCode?: unknown }).responseCode;
  return (typeof code === 'number' && code >= 550 && code <= 559) || /^55\d\b/.test(error instanceof Error ? error.message : '');
};

/** Notes that letters to an address come back: nobody is written to there until another address is given. */
function markBounced(db: Db, to: string, nowMs: number): void {
  db.update(owner).set({ bouncedAt: nowMs }).where(eq(owner.email, to)).run();
}

/** Sends what waits, outside the quiet hours; a letter is never sent twice, even when the shop stops half-way. */
export async function sendLetters(
  db: Db,
  sender: Post,
  nowMs: number,
  together: (language: Language, rows: readonly Worded[]) => Worded,
): Promise<{ readonly sent: number; readonly failed: number }> {
  const shop = theShop(db);
  pickUp(db, sender);
  if (isQuiet(nowMs, shop.zone)) return { sent: 0, failed: 0 };
  db.transaction((tx) => packParcels(tx as unknown as Db));
  const waiting = db
    .select({ row: outbox, language: carePlan.language, code: piece.code })
    .from(outbox)
    .innerJoin(carePlan, eq(carePlan.id, outbox.carePlanId))
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .where(and(eq(outbox.state, 'waiting'), isNotNull(outbox.parcel)))
    .orderBy(asc(outbox.id))
    .all();
  const parcels = groupBy(waiting, ({ row }) => row.parcel ?? '');
  let [sent, failed] = [0, 0];
  for (const [parcel, rows] of parcels) {
    const ids = rows.map(({ row }) => row.id);
    const still = db
      .update(outbox)
      .set({ state: 'sending' })
      .where(and(inArray(outbox.id, ids), eq(outbox.state, 'waiting')))
      .run().changes;
    const first = rows[0];
    if (still < ids.length || !first) continue;
    const { subject, body } =
      rows.length === 1
        ? first.row
        : together(
            first.language,
            rows.map(({ row }) => row),
          );
    try {
      const file = await sender.send({
        id: parcel,
        from: `"${shop.name.replace(/"/g, '')}" <shop@localhost>`,
        to: first.row.to,
        subject,
        text: body,
        dateMs: nowMs,
        unsubscribe: shop.baseAddress ? `${shop.baseAddress}/care/${first.code}#letters` : null,
      });
      db.update(outbox).set({ state: 'sent', sentAt: nowMs, file }).where(inArray(outbox.id, ids)).run();
      sent += ids.length;
    } catch (error) {
      // An address that bounces is not tried again and again; a person looks at it.
      if (isBounce(error)) markBounced(db, first.row.to, nowMs);
      db.update(outbox)
        .set({ state: 'failed', why: error instanceof Error ? error.message.slice(0, 200) : 'It was not taken.' })
        .where(inArray(outbox.id, ids))
        .run();
      failed += ids.length;
    }
  }
  return { sent, failed };
}

/** A letter that did not go is tried once more, in the parcel it was in. */
export function retryLetter(db: Db, id: number): Result<void> {
  return command(db, (tx) => {
    const tried = tx
      .update(outbox)
      .set({ state: 'waiting', why: '' })
      .where(and(eq(outbox.id, id), eq(outbox.state, 'failed')))
      .run().changes;
    return tried > 0 ? ok(undefined) : fail('not-found', 'id');
  });
}
