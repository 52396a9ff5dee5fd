import 'server-only';
import { and, asc, eq, gte, inArray, isNotNull, isNull, lte } from 'drizzle-orm';
import { alias } from 'drizzle-orm/sqlite-core';
import { AMISS, type Amiss, type Language, type Post } from '@/core/care';
import type { Species } from '@/core/material';
import { addDays, dateOf, fail, formatInstant, groupBy, MS_PER_DAY, ok, type Result } from '@/core/quantity';
import type { UseGateId } from '@/core/use';
import { command } from '../command';
import type { Db } from '../db';
import { careEvent, carePlan, factNotice, hold, outbox, owner, piece, sale, tinSale } from '../schema';
import { theShop } from '../shop/queries';
import { tinSaleStands } from '../stores/tin-sales';
import { traceOf } from '../trace/queries';
import { asPiece, loadBatch, tagOf } from '../work/batch';

export type LetterRow = typeof outbox.$inferSelect;
/** What a letter about a piece is written from. */
export type About = {
  readonly language: Language;
  readonly design: string;
  readonly speciesId: string;
  readonly woods?: readonly { readonly id: string; readonly name: string; readonly names?: Species['names'] }[];
  readonly tag: string;
  readonly code: string;
  readonly shop: string;
  readonly baseAddress: string | null;
  /** Whether a tin of the same went with it. */
  readonly hasBottle: boolean;
  /** Cloths with what is on it can set themselves alight. */
  readonly ragsHeat: boolean;
};
type Worded = { readonly subject: string; readonly body: string };
/** Who puts letters into words. */
export type Writer = {
  readonly look: (about: About) => Worded;
  readonly hold: (about: About, why: string) => Worded;
  /** That a piece sold before would be refused by what is known now, and by which gates. */
  readonly judged: (about: About, gates: readonly UseGateId[]) => Worded;
  /** The answer to an owner who says that something is wrong with a piece. */
  readonly amiss: (about: About, amiss: Amiss) => Worded;
  /** Several letters to one address as one. */
  readonly together: (language: Language, rows: readonly Worded[]) => Worded;
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

const holder = alias(owner, 'holder');

/** Plans with whom they are written to now: who has the piece, where that is not who bought it. */
const written = (db: Db) =>
  db
    .select({ plan: carePlan, piece, buyer: owner, holder })
    .from(carePlan)
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .leftJoin(owner, eq(owner.id, sale.ownerId))
    .leftJoin(holder, eq(holder.id, carePlan.holderId))
    .$dynamic();
type Written = ReturnType<ReturnType<typeof written>['all']>[number];

/** The address a piece's letters go to; null where there is none, it was forgotten, or letters came back from it. */
function addressOf({ plan, buyer, holder: has }: Written): string | null {
  const who = plan.holderId === null ? buyer : has;
  return who && who.erasedAt === null && who.bouncedAt === null ? who.email : null;
}

function aboutOf(db: Db, { plan, piece: one }: Written, nowMs: number): About | null {
  const loaded = loadBatch(db, one.batchId, nowMs);
  const batch = loaded && asPiece(loaded, one);
  const shop = theShop(db);
  const bottle = db
    .select({ id: tinSale.id })
    .from(tinSale)
    .where(and(eq(tinSale.withPieceId, one.id), tinSaleStands))
    .limit(1)
    .get();
  return (
    batch && {
      language: plan.language,
      design: batch.design.name,
      speciesId: batch.species.id,
      woods: batch.woods,
      tag: tagOf(batch, one),
      code: one.code,
      shop: shop.name,
      baseAddress: shop.baseAddress,
      hasBottle: bottle !== undefined,
      ragsHeat: batch.on.some((lot) => lot.nature?.ragHazard === 'self-heating'),
    }
  );
}

/** Writes the letters whose look is due; each look once, whatever its date has become. Gives how many are new. */
export function writeLetters(db: Db, nowMs: number, words: Writer): number {
  const today = dateOf(nowMs, theShop(db).zone);
  const due = db
    .select({ planId: careEvent.carePlanId, ordinal: careEvent.ordinal, dueOn: careEvent.dueOn })
    .from(careEvent)
    .where(and(lte(careEvent.dueOn, today), gte(careEvent.dueOn, addDays(today, -STALE_DAYS))))
    .all();
  let made = 0;
  for (const { planId, ordinal, dueOn } of due) {
    const row = written(db)
      .where(and(eq(carePlan.id, planId), isNull(carePlan.stoppedAt), isNull(carePlan.endedAt)))
      .get();
    const to = row && addressOf(row);
    const about = row && to ? aboutOf(db, row, nowMs) : null;
    if (!to || !about) continue;
    made += db
      .insert(outbox)
      .values({ carePlanId: planId, ordinal, dueOn, to, ...words.look(about), madeAt: nowMs })
      .onConflictDoNothing({ target: [outbox.carePlanId, outbox.ordinal] })
      .run().changes;
  }
  return made;
}

/** A draft to the owner of a piece, once for its ordinal, where there is an address; gives how many are new. */
function draftTo(db: Db, row: Written, ordinal: number, word: (about: About) => Worded, nowMs: number): number {
  const to = addressOf(row);
  const about = to ? aboutOf(db, row, nowMs) : null;
  if (!to || !about) return 0;
  const dueOn = dateOf(nowMs, theShop(db).zone);
  return db
    .insert(outbox)
    .values({ carePlanId: row.plan.id, ordinal, kind: 'hold', state: 'draft', dueOn, to, ...word(about), madeAt: nowMs })
    .onConflictDoNothing({ target: [outbox.carePlanId, outbox.ordinal] })
    .run().changes;
}

/** Drafts a letter to everyone who has a piece that a held lot is on, once for each hold; a person sends them. Gives how many are new. */
export function draftHoldLetters(db: Db, lotId: number, words: Writer, nowMs: number): Result<{ readonly drafted: number }> {
  return command(db, (tx) => {
    // One letter a piece, by the first of what holds it, with all its reasons.
    const holds = tx
      .select()
      .from(hold)
      .where(and(eq(hold.lotId, lotId), isNull(hold.liftedAt)))
      .orderBy(asc(hold.id))
      .all();
    const [stands] = holds;
    const reasons = holds.map((one) => one.reason).join('; ');
    const trace = stands && traceOf(tx, lotId);
    if (!stands || !trace) return fail('not-found', 'lotId');
    const codes = trace.pieces.filter((one) => one.soldOn !== null).map((one) => one.code);
    const rows = codes.length === 0 ? [] : written(tx).where(inArray(piece.code, codes)).all();
    let drafted = 0;
    for (const row of rows) {
      drafted += draftTo(tx, row, -stands.id, (about) => words.hold(about, reasons), nowMs);
    }
    return ok({ drafted });
  });
}

/** Ordinals of letters about changed judgements lie below those of holds. */
const JUDGED_FROM = -1_000_000;

/** Drafts a letter to everyone who has a piece that would be refused by what is known now, once each; none is sent by itself. */
export function draftJudgedLetters(db: Db, words: Writer, nowMs: number): number {
  let drafted = 0;
  for (const notice of db.select().from(factNotice).where(eq(factNotice.kind, 'sold-refused')).all()) {
    const { codes = [], gates = [] } = notice.detail as {
      readonly codes?: readonly string[];
      readonly gates?: readonly UseGateId[];
    };
    if (codes.length === 0) continue;
    for (const row of written(db)
      .where(inArray(piece.code, [...codes]))
      .all()) {
      drafted += draftTo(db, row, JUDGED_FROM - notice.id, (about) => words.judged(about, gates), nowMs);
    }
  }
  return drafted;
}

/** Answers stand below the letters about changed judgements: one a day for each thing that can be wrong. */
const ANSWERS_FROM = -1_000_000_000;
const answerOrdinal = (amiss: Amiss, nowMs: number): number =>
  ANSWERS_FROM - (Math.floor(nowMs / MS_PER_DAY) * AMISS.length + AMISS.indexOf(amiss));

/** What would be answered to whoever has a piece, in their language; null for a piece that was not sold. */
export function answerTo(
  db: Db,
  code: string,
  amiss: Amiss,
  words: Writer,
  nowMs: number,
): (Worded & { readonly to: string | null }) | null {
  const row = written(db).where(eq(piece.code, code)).get();
  const about = row && aboutOf(db, row, nowMs);
  return about ? { ...words.amiss(about, amiss), to: addressOf(row) } : null;
}

/** Drafts the answer to an owner who says that something is wrong; a person reads it and sends it. */
export function draftAnswer(
  db: Db,
  { code, amiss }: { readonly code: string; readonly amiss: Amiss },
  words: Writer,
  nowMs: number,
): Result<{ readonly drafted: number }> {
  return command(db, (tx) => {
    const row = written(tx).where(eq(piece.code, code)).get();
    if (!row) return fail('not-found', 'code');
    return ok({ drafted: draftTo(tx, row, answerOrdinal(amiss, nowMs), (about) => words.amiss(about, amiss), nowMs) });
  });
}

/** A person has read some drafts: they go with the next post, or are thrown away; one that was settled before stays as it is. */
export function settleDrafts(db: Db, ids: readonly number[], send: boolean): Result<void> {
  return command(db, (tx) => {
    const settled = tx
      .update(outbox)
      .set({ state: send ? 'waiting' : 'voided' })
      .where(and(inArray(outbox.id, [...ids]), eq(outbox.state, 'draft')))
      .run().changes;
    return settled > 0 ? ok(undefined) : fail('not-found', 'ids');
  });
}

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
    const name = names.get(key) ?? `${row.kind}-${row.carePlanId}-${Math.abs(row.ordinal)}`;
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
  words: Pick<Writer, 'together'>,
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
        : words.together(
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

/** Takes letters back that have not left: the plan was stopped, the owner erased, the date moved on. */
export const voidWaiting = (tx: Db, carePlanId: number): void => {
  tx.update(outbox)
    .set({ state: 'voided' })
    .where(and(eq(outbox.carePlanId, carePlanId), inArray(outbox.state, ['waiting', 'failed']), eq(outbox.kind, 'look')))
    .run();
};
