import 'server-only';
import { and, asc, desc, eq, isNull } from 'drizzle-orm';
import { keepsMonthsOf } from '@/core/blend';
import type { Catalogue } from '@/core/material';
import { addMonths, dateOf, fail, ok, type Result } from '@/core/quantity';
import { isAsShipped, REGIMENS, RESTORATIONS } from '@/core/regimen';
import type { UseGateId } from '@/core/use';
import { allRegimens, findRegimen } from '../catalogue/catalogue';
import { shipRegimens, writeRevision } from '../catalogue/regimens';
import { type By, command } from '../command';
import { learnedA0 } from '../cure/learned';
import type { Db } from '../db';
import { gatesOfBatch } from '../release/uses';
import { factNotice, piece, regimenRevision, release, sale, shop } from '../schema';
import { FACTS_VERSION } from '../shop/facts-version';
import { findShop, theShop } from '../shop/queries';
import { catalogueOf } from '../stores/catalogue';
import { lotsNow } from '../stores/queries';
import { type Batch, loadBatch, openBatchIds, tagOf } from '../work/batch';
import { standingOfBatch } from '../work/standing';

export type FactNotice = typeof factNotice.$inferSelect;

/** Hours to fit as they were up to a count of facts, by what sets; the rest stayed. */
const HOURS_BEFORE: readonly { readonly upTo: number; readonly hours: Readonly<Record<string, number>> }[] = [
  { upTo: 0, hours: { 'linseed-heat-bodied': 96, 'walnut-heat-treated': 120 } },
  { upTo: 1, hours: { friction: 72 } },
];
const THINNED_TUNG_BEFORE = { upTo: 0, hours: 168 };

type New = Pick<FactNotice, 'kind' | 'about' | 'detail'> & Partial<Pick<FactNotice, 'batchId' | 'lotId' | 'regimenId'>>;
const note = (tx: Db, one: New, at: number): number =>
  tx
    .insert(factNotice)
    .values({ ...one, at })
    .onConflictDoNothing()
    .returning({ id: factNotice.id })
    .get()?.id ?? 0;

/** What an old record was signed for, in today's gates: the first records had one gate for a wood and where it came from. */
const signedNow = (signed: readonly string[]): ReadonlySet<string> =>
  new Set([...signed, ...(signed.includes('wood') ? ['origin'] : []), ...(signed.includes('surface') ? ['film'] : [])]);

/** Gates of a released batch that would refuse it today: unmet, and not signed for then where they may be signed for now. */
export function refusedNow(batch: Batch, catalogue: Catalogue): UseGateId[] {
  const signed = signedNow((batch.release?.signed as readonly string[] | undefined) ?? []);
  return gatesOfBatch(batch, catalogue)
    .gates.filter((gate) => !gate.met && !(gate.maySign && signed.has(gate.id)))
    .map((gate) => gate.id);
}

const soldCodes = (tx: Db, batchId: number): string[] =>
  tx
    .select({ code: piece.code })
    .from(sale)
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .where(eq(piece.batchId, batchId))
    .all()
    .map((row) => row.code);

/** Pieces released before, of one design or of all, that would be refused now: those still here are held, those sold are listed. */
function judgeReleased(tx: Db, nowMs: number, designId: number | null = null): void {
  const ids = tx.selectDistinct({ id: release.batchId }).from(release).where(eq(release.outcome, 'released')).all();
  for (const { id } of ids) {
    const batch = loadBatch(tx, id, nowMs);
    if (batch?.release?.outcome !== 'released' || (designId !== null && batch.design.id !== designId)) continue;
    const gates = refusedNow(batch, catalogueOf(tx));
    if (gates.length === 0) continue;
    const sold = soldCodes(tx, id);
    const free = batch.pieces.filter((one) => one.leftAt === null && !sold.includes(one.code));
    const detail = { number: batch.number, title: `${batch.species.name} ${batch.design.name}`.toLowerCase(), gates };
    const about = `batch ${id}: ${gates.join(' ')}`;
    if (free.length > 0 && !isSaid(tx, id, 'held', gates))
      note(tx, { kind: 'held', about, batchId: id, detail: { ...detail, tags: free.map((one) => tagOf(batch, one)) } }, nowMs);
    if (sold.length > 0 && !isSaid(tx, id, 'sold-refused', gates))
      note(tx, { kind: 'sold-refused', about, batchId: id, detail: { ...detail, codes: sold } }, nowMs);
  }
}

/** Made lots that would keep less long by what is known now. What was printed on them stands; it is told once. */
function shortenLots(tx: Db, nowMs: number): void {
  const { zone } = theShop(tx);
  for (const lot of lotsNow(tx)) {
    if ((lot.kind !== 'made' && lot.kind !== 'tin') || lot.leftG <= 0.5 || lot.bestBefore === null) continue;
    const months = keepsMonthsOf(lot.ingredients, catalogueOf(tx));
    if (!Number.isFinite(months)) continue;
    const now = addMonths(dateOf(lot.at, zone), months);
    if (now < lot.bestBefore)
      note(
        tx,
        {
          kind: 'lot-shortened',
          about: `lot ${lot.id}`,
          lotId: lot.id,
          detail: { number: lot.number, title: lot.title, printed: lot.bestBefore, now },
        },
        nowMs,
      );
  }
}

/** Batches whose hours to fit are others than they were. */
function moveFits(tx: Db, nowMs: number, from: number): void {
  const learned = learnedA0(tx);
  for (const id of openBatchIds(tx)) {
    const batch = loadBatch(tx, id, nowMs);
    const cure = batch && standingOfBatch(tx, batch, nowMs, learned).cure;
    if (!batch || !cure) continue;
    const isThinnedTung = cure.source === 'tung-oil' && batch.on.some((lot) => lot.ingredients.includes('citrus-solvent'));
    const known = HOURS_BEFORE.find(({ upTo, hours }) => from <= upTo && hours[cure.source] !== undefined)?.hours[cure.source];
    // The first count did not yet know woods that hold back what dries.
    const sameHours =
      from === 0 && batch.species.slowsCure && cure.mode === 'oxidise' ? cure.shippedHours / 1.5 : cure.shippedHours;
    const before = isThinnedTung && from <= THINNED_TUNG_BEFORE.upTo ? THINNED_TUNG_BEFORE.hours : (known ?? sameHours);
    if (before !== cure.shippedHours)
      note(
        tx,
        {
          kind: 'fit-moved',
          about: `batch ${id}`,
          batchId: id,
          detail: { number: batch.number, before, now: cure.shippedHours, surelyMs: cure.readyAtMs.p90 },
        },
        nowMs,
      );
  }
}

/** Whether an earlier notice of a batch named all these gates: what was answered then is not asked again. */
const isSaid = (tx: Db, batchId: number, kind: FactNotice['kind'], gates: readonly string[]): boolean =>
  tx
    .select()
    .from(factNotice)
    .where(and(eq(factNotice.batchId, batchId), eq(factNotice.kind, kind)))
    .all()
    .some(({ detail }) => gates.every((gate) => (detail.gates as readonly string[] | undefined)?.includes(gate)));

/** Steps as text, to tell what was offered before; without their grit, which offers of older files do not have. */
const shippedFace = (id: string): string => {
  const shipped = [...REGIMENS, ...RESTORATIONS].find((one) => one.id === id);
  return JSON.stringify(shipped?.steps.map(({ grit: _, ...step }) => step) ?? []);
};

/** Shipped regimens get their mended revision; where the shop has its own, the mended one is offered once. */
export function mendRegimens(tx: Db, nowMs: number): void {
  for (const newest of allRegimens(tx)) {
    const shipped = [...REGIMENS, ...RESTORATIONS].find((one) => one.id === newest.id);
    if (!shipped || isAsShipped(newest)) continue;
    if (newest.shipped) {
      writeRevision(tx, shipped, newest.number + 1, '', null, nowMs);
      continue;
    }
    const face = shippedFace(newest.id);
    const before = tx
      .select()
      .from(factNotice)
      .where(and(eq(factNotice.kind, 'regimen-offered'), eq(factNotice.regimenId, newest.id)))
      .orderBy(desc(factNotice.at))
      .get();
    const known = tx.select().from(regimenRevision).where(eq(regimenRevision.regimenId, newest.id)).all();
    const isOffered = before?.detail.face === face;
    const isThere = known.some((row) => {
      const revision = findRegimen(tx, row.id);
      return revision !== null && isAsShipped(revision);
    });
    if (!isOffered && !isThere)
      note(
        tx,
        { kind: 'regimen-offered', about: `regimen ${newest.id}`, regimenId: newest.id, detail: { name: newest.name, face } },
        nowMs,
      );
  }
}

/** Goes through a shop whose facts and judgements are of an older count, once, in one go. Gives whether it did. */
export function bringUpToFacts(db: Db, nowMs: number): boolean {
  const found = findShop(db);
  if (!found) return false;
  const run = command(db, (tx) => {
    shipRegimens(tx, nowMs);
    mendRegimens(tx, nowMs);
    if (found.factsVersion >= FACTS_VERSION) return ok(false);
    judgeReleased(tx, nowMs);
    shortenLots(tx, nowMs);
    moveFits(tx, nowMs, found.factsVersion);
    tx.update(shop).set({ factsVersion: FACTS_VERSION }).where(eq(shop.id, 1)).run();
    return ok(true);
  });
  return run.ok && run.value;
}

/** What has changed and was not read yet, or still holds pieces back; oldest first. */
export const openNotices = (db: Db): FactNotice[] =>
  db
    .select()
    .from(factNotice)
    .orderBy(asc(factNotice.id))
    .all()
    .filter((one) => one.toldAt === null || isHolding(one));

/** Whether a notice keeps its pieces from being sold. */
const isHolding = ({ kind, settled }: Pick<FactNotice, 'kind' | 'settled'>): boolean => kind === 'held' && settled !== 'sell';

/** The notice that holds a batch's pieces back; null where none does. */
export function heldNotice(db: Db, batchId: number): FactNotice | null {
  const rows = db
    .select()
    .from(factNotice)
    .where(and(eq(factNotice.batchId, batchId), eq(factNotice.kind, 'held')))
    .all();
  return rows.find(isHolding) ?? null;
}

/** Notices that were read. Held pieces stay held. */
export function tellNotices(db: Db, ids: readonly number[], by: By): Result<void> {
  return command(db, (tx) => {
    for (const id of ids)
      tx.update(factNotice)
        .set({ toldAt: by.nowMs, toldBy: by.personId })
        .where(and(eq(factNotice.id, id), isNull(factNotice.toldAt)))
        .run();
    return ok(undefined);
  });
}

/** Says what becomes of held pieces: they are kept here, or sold all the same with a reason, where every gate that refuses them may be signed for. */
export function settleHeld(
  db: Db,
  { id, settled, reason }: { readonly id: number; readonly settled: 'sell' | 'keep'; readonly reason: string },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const row = tx.select().from(factNotice).where(eq(factNotice.id, id)).get();
    const batch = row?.batchId ? loadBatch(tx, row.batchId, by.nowMs) : null;
    if (row?.kind !== 'held' || !batch) return fail('not-found', 'id');
    if (reason.trim() === '') return fail('reason-needed', 'reason');
    if (settled === 'sell' && !maySellAllTheSame(batch, catalogueOf(tx)))
      return fail('gate-unmet', 'settled', { gate: refusedNow(batch, catalogueOf(tx))[0] ?? '' });
    tx.update(factNotice)
      .set({ settled, reason: reason.trim(), toldAt: by.nowMs, toldBy: by.personId })
      .where(eq(factNotice.id, id))
      .run();
    return ok(undefined);
  });
}

/** Takes the shipped revision that was offered as the regimen's next one. Batches that began keep theirs. */
export function takeShipped(db: Db, id: number, by: By): Result<void> {
  return command(db, (tx) => {
    const row = tx.select().from(factNotice).where(eq(factNotice.id, id)).get();
    const shipped = [...REGIMENS, ...RESTORATIONS].find((one) => one.id === row?.regimenId);
    const newest = shipped && allRegimens(tx).find((one) => one.id === shipped.id);
    if (row?.kind !== 'regimen-offered' || !shipped || !newest) return fail('not-found', 'id');
    if (!isAsShipped(newest)) writeRevision(tx, shipped, newest.number + 1, 'as now shipped', by.personId, by.nowMs);
    tx.update(factNotice).set({ toldAt: by.nowMs, toldBy: by.personId }).where(eq(factNotice.id, id)).run();
    return ok(undefined);
  });
}

/** Whether every gate that refuses a released batch today may be signed for. */
export function maySellAllTheSame(batch: Batch, catalogue: Catalogue): boolean {
  const { gates } = gatesOfBatch(batch, catalogue);
  return refusedNow(batch, catalogue).every((id) => gates.some((gate) => gate.id === id && gate.maySign));
}

/** After a design's uses were said, where they were only guessed: what is not refused by them is free again, what is refused by them is held and listed. */
export function judgeByUses(db: Db, designId: number, by: By): void {
  judgeReleased(db, by.nowMs, designId);
  const rows = db.select().from(factNotice).where(eq(factNotice.kind, 'held')).all();
  for (const row of rows) {
    const batch = isHolding(row) && row.batchId ? loadBatch(db, row.batchId, by.nowMs) : null;
    if (batch?.design.id === designId && refusedNow(batch, catalogueOf(db)).length === 0)
      db.update(factNotice)
        .set({ settled: 'sell', reason: 'what it is for was said', toldAt: by.nowMs, toldBy: by.personId })
        .where(eq(factNotice.id, row.id))
        .run();
  }
}
