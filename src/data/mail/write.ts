import 'server-only';
import { and, asc, eq, gte, inArray, isNull, lte } from 'drizzle-orm';
import { alias } from 'drizzle-orm/sqlite-core';
import type { Amiss } from '@/core/care';
import {
  type About,
  kindOfKey,
  LETTERS,
  type LetterFacts,
  type LetterId,
  letterKey,
  type Worded,
  type Writer,
} from '@/core/letters';
import { addDays, dateOf, fail, ok, type Result } from '@/core/quantity';
import type { UseGateId } from '@/core/use';
import { command } from '../command';
import type { Db } from '../db';
import { careEvent, carePlan, factNotice, hold, outbox, owner, piece, sale, tinSale } from '../schema';
import { theShop } from '../shop/queries';
import { tinSaleStands } from '../stores/tin-sales';
import { traceOf } from '../trace/queries';
import { asPiece, loadBatch, tagOf } from '../work/batch';

export type LetterRow = typeof outbox.$inferSelect;
/** A look that was due longer ago than this is written about no more. */
const STALE_DAYS = 14;

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

/** When a letter is written, and the day it was due: today, where that is not said. */
type Writing = { readonly nowMs: number; readonly dueOn?: string };

/** Writes a letter to whoever has a piece, once, where there is an address; gives how many are new. */
function writeTo<K extends LetterId>(db: Db, row: Written, kind: K, facts: LetterFacts<K>, words: Writer, when: Writing): number {
  const to = addressOf(row);
  const about = to ? aboutOf(db, row, when.nowMs) : null;
  if (!to || !about) return 0;
  const waits = LETTERS[kind].goes === 'once read';
  return db
    .insert(outbox)
    .values({
      carePlanId: row.plan.id,
      key: letterKey(kind, facts),
      ordinal: 0,
      kind: waits ? 'hold' : 'look',
      state: waits ? 'draft' : 'waiting',
      dueOn: when.dueOn ?? dateOf(when.nowMs, theShop(db).zone),
      to,
      ...words[kind](about, facts),
      madeAt: when.nowMs,
    })
    .onConflictDoNothing({ target: [outbox.carePlanId, outbox.key] })
    .run().changes;
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
    if (row) made += writeTo(db, row, 'look', { ordinal }, words, { nowMs, dueOn });
  }
  return made;
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
      drafted += writeTo(tx, row, 'hold', { holdId: stands.id, why: reasons }, words, { nowMs });
    }
    return ok({ drafted });
  });
}

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
      drafted += writeTo(db, row, 'judged', { noticeId: notice.id, gates }, words, { nowMs });
    }
  }
  return drafted;
}

const answerFacts = (db: Db, amiss: Amiss, nowMs: number): LetterFacts<'answer'> => ({
  amiss,
  date: dateOf(nowMs, theShop(db).zone),
});

/** What would be answered to whoever has a piece, in their language; null for a piece that was not sold. */
export function writeAnswer(
  db: Db,
  code: string,
  amiss: Amiss,
  words: Writer,
  nowMs: number,
): (Worded & { readonly to: string | null }) | null {
  const row = written(db).where(eq(piece.code, code)).get();
  const about = row && aboutOf(db, row, nowMs);
  return about ? { ...words.answer(about, answerFacts(db, amiss, nowMs)), to: addressOf(row) } : null;
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
    return ok({ drafted: writeTo(tx, row, 'answer', answerFacts(tx, amiss, nowMs), words, { nowMs }) });
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

/** Takes letters back that have not left: the plan was stopped, the owner erased, the date moved on. */
export function voidWaiting(tx: Db, carePlanId: number): void {
  const open = tx
    .select()
    .from(outbox)
    .where(and(eq(outbox.carePlanId, carePlanId), inArray(outbox.state, ['waiting', 'failed'])))
    .all()
    .filter(({ key }) => LETTERS[kindOfKey(key)].endsWithLooks);
  for (const { id } of open) tx.update(outbox).set({ state: 'voided' }).where(eq(outbox.id, id)).run();
}
