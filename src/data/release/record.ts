import 'server-only';
import { asc, eq, inArray, sql } from 'drizzle-orm';
import { quantile } from '@/core/cure';
import { mean } from '@/core/numeric';
import { formatInstant } from '@/core/quantity';
import { costOf, type Evidence, type Gate, type GateId, NewReleaseRecord, type RecordedCost } from '@/core/release';
import { weighInOf } from '../cure/commands';
import type { Db } from '../db';
import { batchPrice, labelled, person, ragLine, ragLineEntry } from '../schema';
import { theShop } from '../shop/queries';
import { type KnownLot, lotOf } from '../stores/queries';
import { tinCost } from '../stores/tin-cost';
import { type Batch, piecesIn, tagOf } from '../work/batch';
import type { BatchStanding, CureStanding } from '../work/standing';
import { woodOfBatch } from './uses';

/** Who did something, by the number the file keeps of them; those who left included. */
const namesOf = (db: Db): ReadonlyMap<number, string> =>
  new Map(
    db
      .select()
      .from(person)
      .all()
      .map((row) => [row.id, row.name]),
  );

type Paper = { readonly lot: string; readonly name: string; readonly sha256: string };

/** Suppliers' papers on a lot and on every lot that went into it. */
const papersOf = (db: Db, lotId: number): Paper[] =>
  db.all<Paper>(sql`
    with recursive back(id) as (
      select ${lotId} union select e.from_lot from lot_edge e join back on e.into_lot = back.id
    )
    select l.number as lot, d.name, d.hash as sha256 from back join declaration d on d.lot_id = back.id join lot l on l.id = back.id
    order by l.number, d.id`);

/** What a batch's pieces cost and are to sell for. */
export function costOfBatch(db: Db, batch: Batch, { progress }: BatchStanding): RecordedCost & { readonly jar: KnownLot | null } {
  const shop = theShop(db);
  const price = db.select().from(batchPrice).where(eq(batchPrice.batchId, batch.id)).get();
  const jar = price?.jarLotId ? lotOf(db, price.jarLotId) : null;
  const cost = costOf({
    pieces: batch.pieces.length,
    woodMinor: price?.woodMinor ?? null,
    draws: batch.book.flatMap(({ stands }) =>
      stands?.lotId && stands.grams ? [{ grams: stands.grams, minorPerKg: lotOf(db, stands.lotId)?.minorPerKg ?? null }] : [],
    ),
    handsMin: progress.done.filter(({ fact }) => fact.kind === 'done').reduce((sum, { task }) => sum + task.handsMin, 0),
    hourMinor: shop.hourMinor,
    jarMinor: jar ? tinCost(db, jar) : 0,
    slipMinor: shop.slipMinor,
    priceMinor: price?.priceMinor ?? null,
  });
  return { ...cost, jar };
}

export type Judged = {
  readonly number: string;
  readonly outcome: 'released' | 'refused';
  readonly next: 'mend' | 'reject' | null;
  readonly reason: string;
  readonly signed: readonly GateId[];
  readonly personId: number;
  readonly atMs: number;
};

/** What the record says beside the gates. */
type Told = Evidence & { readonly notForFood: boolean; readonly contact: string; readonly allergens: readonly string[] };

/** Names, each once. */
const each = (names: readonly string[]): string => [...new Set(names.filter(Boolean))].join(', ');

const batchOf = (batch: Batch): NewReleaseRecord['batch'] => ({
  number: batch.number,
  design: each(batch.kinds.map((kind) => kind.design.name)),
  wood: each([
    ...batch.kinds.map((kind) => kind.species.name),
    ...batch.woods.slice(1).map((wood) => wood.name),
    ...(batch.glue?.name ? [`glue ${batch.glue.name}`] : []),
    ...(batch.glue?.with ?? []),
  ]),
  botanical: each([...batch.kinds.map((kind) => kind.species.botanical), ...batch.woods.slice(1).map((wood) => wood.botanical)]),
  origin: batch.origin,
  use: [...batch.design.uses],
  woodVerdict: woodOfBatch(batch),
  regimen: batch.regimen.name,
  school: batch.regimen.school,
  pieces: piecesIn(batch).map((piece) => ({ tag: tagOf(batch, piece), code: piece.code })),
});

/** The cure in figures; `at` writes its moments. */
function cureOf(cure: CureStanding, at: (ms: number) => string): NonNullable<NewReleaseRecord['cure']> {
  const { readings } = cure.air;
  const meanOf = (of: (one: (typeof readings)[number]) => number): number | null =>
    readings.length > 0 ? mean(readings.map(of)) : null;
  return {
    from: at(cure.startMs),
    settles: cure.settles,
    mode: cure.mode,
    neededHours: quantile(cure.needed, 0.5),
    ageHours: cure.ageHours,
    likely: Math.min(1, Math.max(0, cure.pReady)),
    likelyBy: cure.readyAtMs.p90 === null ? null : at(cure.readyAtMs.p90),
    hoursRead: readings.length,
    gaps: cure.air.gaps.map((gap) => ({ from: at(gap.fromMs), to: at(gap.toMs) })),
    meanTempC: meanOf((one) => one.tempC),
    meanRh: meanOf((one) => one.rh),
  };
}

const costFor = (cost: ReturnType<typeof costOfBatch>, currency: string): NewReleaseRecord['cost'] => ({
  currency,
  parts: cost.parts,
  sumMinor: cost.sumMinor,
  priceMinor: cost.priceMinor,
  marginMinor: cost.marginMinor,
  handsMinPerPiece: cost.handsMinPerPiece,
  gramsPerPiece: cost.gramsPerPiece,
  jar: cost.jar?.number ?? null,
});

/** Everything a release rests on, in its published shape. The screen shows it before, the file keeps it after. */
export function recordFor(
  db: Db,
  batch: Batch,
  standing: BatchStanding,
  { gates, evidence }: { readonly gates: readonly Gate[]; readonly evidence: Told },
  judged: Judged,
): NewReleaseRecord {
  const shop = theShop(db);
  const names = namesOf(db);
  const at = (ms: number): string => formatInstant(ms, shop.zone);
  const who = (id: number): string => names.get(id) ?? '';
  const numberOf = (lotId: number): string => lotOf(db, lotId)?.number ?? '';
  const { cure, progress } = standing;
  const stood = batch.book.flatMap(({ stands }) => (stands && stands.kind !== 'left-out' ? [stands] : []));
  const { weighed, curve } = cure ? weighInOf(db, batch.id, cure.startMs) : { weighed: [], curve: null };
  const put = db.select().from(labelled).where(eq(labelled.batchId, batch.id)).get();
  const actionOf = (key: string): string => standing.tasks.find((task) => task.key === key)?.step.done ?? key;
  return NewReleaseRecord.parse({
    format: 'rendle-release',
    version: 2,
    number: judged.number,
    outcome: judged.outcome,
    next: judged.next,
    reason: judged.reason,
    at: at(judged.atMs),
    by: who(judged.personId),
    shop: shop.name,
    zone: shop.zone,
    batch: batchOf(batch),
    gates: gates.map(({ id, met }) => ({ id, met, signed: judged.signed.includes(id) })),
    notForFood: evidence.notForFood,
    steps: { done: progress.done.length, left: progress.rest.length },
    contact: evidence.contact,
    allergens: [...evidence.allergens],
    undeclared: [...new Set(batch.on.flatMap((lot) => lot.undeclared))],
    lots: batch.lots
      .filter(({ lot }) => batch.on.includes(lot))
      .map(({ slot, lot }) => ({
        slot,
        number: lot.number,
        title: lot.title,
        contents: [...lot.contents],
        bestBefore: lot.bestBefore,
        declarations: papersOf(db, lot.id),
        statement: [...lot.statements],
      })),
    coats: stood
      .filter((entry) => entry.lotId !== null)
      .map((entry) => ({
        at: at(entry.at),
        by: who(entry.personId),
        what: actionOf(entry.task),
        lot: entry.lotId === null ? null : numberOf(entry.lotId) || null,
        grams: entry.grams,
        estimated: entry.gramsEstimated,
      })),
    checks: batch.checks.map((check) => ({
      at: at(check.at),
      by: who(check.personId),
      kind: check.kind,
      pass: check.pass,
      note: check.note,
    })),
    cure: cure ? cureOf(cure, at) : null,
    weighed: weighed.length > 0 ? { times: weighed.length, restsSinceHours: curve?.plateau?.fromHours ?? null } : null,
    photos: stood.flatMap((entry) =>
      entry.photo ? [{ at: at(entry.at), what: actionOf(entry.task), sha256: entry.photo }] : [],
    ),
    rags: ragsOf(db, batch).map((line) => ({
      opened: at(line.openedAt),
      how: line.way,
      laid: line.laidAt === null ? null : at(line.laidAt),
      checked: line.checkedAt === null ? null : at(line.checkedAt),
    })),
    labelled: put ? { at: at(put.at), by: who(put.personId) } : null,
    cost: costFor(costOfBatch(db, batch, standing), shop.currency),
  });
}

/** The rag lines that hold cloths of a batch, or of the one it was split from. */
function ragsOf(db: Db, { id, splitFrom }: Batch): (typeof ragLine.$inferSelect)[] {
  const ids = db
    .selectDistinct({ id: ragLineEntry.ragLineId })
    .from(ragLineEntry)
    .where(inArray(ragLineEntry.batchId, splitFrom === null ? [id] : [id, splitFrom]))
    .all();
  return db
    .select()
    .from(ragLine)
    .where(
      inArray(
        ragLine.id,
        ids.map((row) => row.id),
      ),
    )
    .orderBy(asc(ragLine.openedAt))
    .all();
}
