import 'server-only';
import { and, asc, desc, eq, isNull, ne, notInArray, or, sql } from 'drizzle-orm';
import { type AirAhead, careGiven, readBook, stepOfTask, type TakenWay, type Way, withChanges } from '@/core/batch';
import type { CheckSeen } from '@/core/cure';
import type { Species } from '@/core/material';
import { type Area, areaTaking, type UptakeFactor } from '@/core/piece';
import { groupBy } from '@/core/quantity';
import { asNowKnown } from '@/core/regimen';
import { type Design, findDesign, findRegimen, type KnownRegimen } from '../catalogue/catalogue';
import { woodOf } from '../catalogue/woods';
import type { Db } from '../db';
import { keep } from '../kept';
import { airAhead } from '../rooms/air';
import { placeAt } from '../rooms/stays';
import { batch, batchMaterial, batchOpen, checkEntry, logEntry, movement, piece, recovery, release } from '../schema';
import type { Place } from '../shop/queries';
import { statement } from '../statement';
import { type KnownLot, lotOf } from '../stores/queries';
import { type ChangeRow, changesOf } from './changed';
import { closedTrialBatches, type TrialOf, trialOfBatch } from './trial-of';
import { shopUptake } from './uptake';

export type LogEntry = typeof logEntry.$inferSelect;
export type Piece = typeof piece.$inferSelect;
export type CheckRow = typeof checkEntry.$inferSelect;
export type ReleaseRow = typeof release.$inferSelect;

/** A batch with all that was recorded of it. What follows from that is reckoned in standing.ts. */
export type Batch = typeof batch.$inferSelect & {
  /** Its design, for what the maker said this batch is for; of a mixed lot the first one's, its surface the mean of all. */
  readonly design: Design;
  /** Its wood, of a mixed lot the first one's; and all woods of one piece, where there are several. */
  readonly species: Species;
  readonly woods: readonly Species[];
  /** What unlike pieces there are in it, each kind with its pieces; one kind where they are alike. */
  readonly kinds: readonly PieceKind[];
  readonly regimen: KnownRegimen;
  /** Pieces that belong to it, those that left for good among them. */
  readonly pieces: readonly Piece[];
  /** Ways back that were taken up and stand. */
  readonly recoveries: readonly (TakenWay & { readonly at: number; readonly clientId: string })[];
  /** The lot each slot is taken from now. */
  readonly materials: Readonly<Record<string, KnownLot>>;
  /** Every lot a slot was taken from, and since when. */
  readonly lots: readonly SlotLot[];
  /** Lots that lie on its pieces, or will by its plan. */
  readonly on: readonly KnownLot[];
  /** What was decided of its coats while it ran, as far as it stands. */
  readonly changes: readonly ChangeRow[];
  /** Steps in the order they were written, with coats added, before any was struck. */
  readonly written: readonly string[];
  /** The moment it was looked at, and the air to come as it was seen then. */
  readonly asOfMs: number;
  readonly air: AirAhead;
  readonly book: readonly { readonly entry: LogEntry; readonly stands: LogEntry | null }[];
  readonly checks: readonly (CheckRow & CheckSeen)[];
  readonly place: Place | null;
  /** The shop's own uptake factors; estimates go by them. */
  readonly uptake: readonly UptakeFactor[];
  readonly release: ReleaseRow | null;
  /** The trial it is a treatment of: it is never sold, and teaches nothing of the shop’s own ways. */
  readonly trial: TrialOf | null;
};

/** Pieces of one design, wood and use within a batch. */
export type PieceKind = { readonly design: Design; readonly species: Species; readonly pieces: readonly Piece[] };

/** A batch as one of its pieces sees it: with its own design, wood and uses. */
export function asPiece(one: Batch, of: Pick<Piece, 'id'>): Batch {
  const kind = one.kinds.find(({ pieces }) => pieces.some((piece) => piece.id === of.id));
  if (!kind || one.kinds.length < 2) return one;
  return { ...one, design: kind.design, species: kind.species, woods: [kind.species], kinds: [kind] };
}

export type SlotLot = { readonly slot: string; readonly lot: KnownLot; readonly fromAt: number };

/** The lot a slot was taken from at a moment. */
export const lotAt = ({ lots }: Pick<Batch, 'lots'>, slot: string, atMs: number): KnownLot | undefined =>
  (lots.findLast((one) => one.slot === slot && one.fromAt <= atMs) ?? lots.find((one) => one.slot === slot))?.lot;

/** Pieces that are still in a batch. */
export const piecesIn = (one: Pick<Batch, 'pieces'>): Piece[] => one.pieces.filter((row) => row.leftAt === null);

/** What is chalked on a piece: `31-014/3`; it stays when the piece goes over to another batch. */
export const tagOf = (of: { readonly number: string }, one: Pick<Piece, 'tag' | 'ordinal'>): string =>
  one.tag ?? `${of.number}/${one.ordinal}`;

// What is asked of each batch, by its row.
const asked = sql.placeholder('id');
const rowOf = statement((db) => db.select().from(batch).where(eq(batch.id, asked)).prepare());
const entriesOf = statement((db) =>
  db.select().from(logEntry).where(eq(logEntry.batchId, asked)).orderBy(asc(logEntry.id)).prepare(),
);
const checkRowsOf = statement((db) => db.select().from(checkEntry).where(eq(checkEntry.batchId, asked)).prepare());
const takenFrom = statement((db) =>
  db.select().from(batchMaterial).where(eq(batchMaterial.batchId, asked)).orderBy(asc(batchMaterial.fromAt)).prepare(),
);
const drawnFor = statement((db) =>
  db
    .select({ id: movement.lotId })
    .from(movement)
    .where(and(eq(movement.entry, sql.placeholder('entry')), eq(movement.why, 'coat')))
    .prepare(),
);
const decidedLast = statement((db) =>
  db.select().from(release).where(eq(release.batchId, asked)).orderBy(desc(release.id)).limit(1).prepare(),
);
const piecesOf = statement((db) => db.select().from(piece).where(eq(piece.batchId, asked)).orderBy(asc(piece.ordinal)).prepare());
const recoveriesOf = statement((db) =>
  db
    .select()
    .from(recovery)
    .where(and(eq(recovery.batchId, asked), isNull(recovery.withdrawnAt)))
    .prepare(),
);

/** A batch and those it was split from, each with the moment up to which its book is shared. */
function lineOf(db: Db, id: number): { readonly id: number; readonly until: number }[] {
  const line = [{ id, until: Number.MAX_SAFE_INTEGER }];
  for (let row = rowOf(db).get({ id }); row?.splitFrom && row.splitAt; ) {
    line.push({ id: row.splitFrom, until: Math.min(row.splitAt, line.at(-1)?.until ?? row.splitAt) });
    row = rowOf(db).get({ id: row.splitFrom });
  }
  return line;
}

/** The book of a batch, what it shares with the one it was split from included. */
const bookOf = (db: Db, line: ReturnType<typeof lineOf>): Batch['book'] =>
  line
    .flatMap(({ id, until }) => readBook(entriesOf(db).all({ id })).filter(({ entry, stands }) => (stands ?? entry).at <= until))
    .sort((a, b) => (a.stands ?? a.entry).at - (b.stands ?? b.entry).at);

const checksOf = (db: Db, line: ReturnType<typeof lineOf>): CheckRow[] =>
  line
    .flatMap(({ id, until }) =>
      checkRowsOf(db)
        .all({ id })
        .filter((one) => one.at <= until),
    )
    .sort((a, b) => a.at - b.at);

const lotsOf = (db: Db, batchId: number): SlotLot[] =>
  takenFrom(db)
    .all({ id: batchId })
    .flatMap(({ slot, lotId, fromAt }) => {
      const lot = lotOf(db, lotId);
      return lot ? [{ slot, lot, fromAt }] : [];
    });

/** Lots that were drawn for the coats that stand, and those of coats that are still to come. */
function lotsOnPieces(db: Db, book: Batch['book'], steps: KnownRegimen['steps'], materials: Batch['materials']): KnownLot[] {
  const standing = book.flatMap(({ entry, stands }) => (stands ? [{ task: entry.task, kind: entry.kind, stands }] : []));
  const coats = standing.filter(({ kind, stands }) => kind !== 'left-out' && stands.lotId !== null);
  const drawn = coats.flatMap(({ stands }) => [
    stands.lotId,
    ...drawnFor(db)
      .all({ entry: stands.clientId })
      .map((row) => row.id),
  ]);
  const recorded = new Set(standing.map(({ task }) => stepOfTask(task)));
  const planned = steps.flatMap((step) => (step.slot && !recorded.has(step.id) ? (materials[step.slot]?.id ?? []) : []));
  const ids = [...new Set([...drawn, ...planned].filter((lotId) => lotId !== null))].sort((a, b) => a - b);
  return ids.flatMap((lotId) => lotOf(db, lotId) ?? []);
}

/** What was decided of a batch for good; one that was refused to be mended is open again. */
function standsDecided(db: Db, id: number): ReleaseRow | null {
  const row = decidedLast(db).get({ id });
  return row && row.next !== 'mend' ? row : null;
}

/** One batch with all that was recorded of it, and where it stood at a moment. */
export function loadBatch(db: Db, id: number, nowMs: number): Batch | null {
  const found = keep(db, `batch ${id}`, () => readBatch(db, id));
  const at = placeAt(db, id, nowMs);
  return found && { ...found, place: at, asOfMs: nowMs, air: airAhead(db, id, at, nowMs) };
}

function readBatch(db: Db, id: number): Omit<Batch, 'place' | 'asOfMs' | 'air'> | null {
  const row = rowOf(db).get({ id });
  const design = row && findDesign(db, row.designRevisionId);
  const regimen = row && findRegimen(db, row.regimenRevisionId);
  if (!row || !design || !regimen) return null;
  const line = lineOf(db, id);
  const decided = standsDecided(db, id);
  // What was withdrawn from a shipped regimen is withdrawn from a running batch too; what was decided stays as it was judged.
  const now = decided || !regimen.shipped ? regimen : { ...regimen, steps: asNowKnown(regimen.id, regimen.steps) };
  const changes = changesOf(db, line);
  const steps = withChanges(now.steps, changes);
  const lots = lotsOf(db, id);
  const materials = Object.fromEntries(lots.map(({ slot, lot }) => [slot, lot]));
  const book = bookOf(db, line);
  const isStruck = changes.some((change) => change.kind === 'last');
  const pieces = piecesOf(db).all({ id });
  const own = kindsOf(db, row, design, pieces);
  const byCoat = areaByCoat(book, steps, own[0]?.species ?? woodOf(db, row.speciesId));
  const kinds = own.map((kind) =>
    kind.design.geometry.shape === 'unknown' && byCoat ? { ...kind, design: { ...kind.design, area: byCoat } } : kind,
  );
  const species = kinds[0]?.species ?? woodOf(db, row.speciesId);
  return {
    ...row,
    design: meanDesign(kinds, design),
    woods: [species, ...row.alsoWoods.map((wood) => woodOf(db, wood))],
    kinds,
    regimen: { ...now, steps, ...(isStruck ? { careClass: careGiven(now.careClass, steps) } : {}) },
    changes,
    written: withChanges(
      now.steps,
      changes.filter((change) => change.kind === 'another'),
    ).map((step) => step.id),
    species,
    pieces,
    materials,
    lots,
    on: lotsOnPieces(db, book, steps, materials),
    recoveries: line
      .flatMap((of) =>
        recoveriesOf(db)
          .all({ id: of.id })
          .filter((one) => one.at <= of.until),
      )
      .sort((a, b) => a.id - b.id)
      .map((one) => ({ id: one.id, clientId: one.clientId, way: one.way as Way, beforeTask: one.beforeTask, at: one.at })),
    book,
    checks: checksOf(db, line).map((check) => ({ ...check, atMs: check.at })),
    uptake: shopUptake(db),
    release: decided,
    trial: trialOfBatch(db, id),
  };
}

/** The kinds of a batch's pieces, in the order they first stand in; a piece that says nothing is as its batch is. */
function kindsOf(db: Db, row: typeof batch.$inferSelect, design: Design, pieces: readonly Piece[]): PieceKind[] {
  const kinds = groupBy(pieces, (one) => JSON.stringify([one.designRevisionId, one.speciesId, one.uses]));
  const made = [...kinds.values()].map((same): PieceKind => {
    const [first] = same;
    const own = first?.designRevisionId ? (findDesign(db, first.designRevisionId) ?? design) : design;
    const uses = first?.uses ?? row.uses ?? own.uses;
    return {
      design: { ...own, uses, ...(first?.uses || row.uses ? { usesSaid: true } : {}) },
      species: woodOf(db, first?.speciesId ?? row.speciesId),
      pieces: same,
    };
  });
  const alike = { design: row.uses ? { ...design, uses: row.uses, usesSaid: true } : design, species: woodOf(db, row.speciesId) };
  return made.length > 0 ? made : [{ ...alike, pieces: [] }];
}

/** The design a batch is reckoned with: its own; of unlike pieces the first one's, with the mean surface and all their uses. */
function meanDesign(kinds: readonly PieceKind[], design: Design): Design {
  const [first] = kinds;
  if (!first) return design;
  if (kinds.length === 1) return first.design;
  const still = kinds.map((kind) => ({ ...kind, count: kind.pieces.filter((one) => one.leftAt === null).length || 0 }));
  const count = Math.max(
    1,
    still.reduce((sum, kind) => sum + kind.count, 0),
  );
  const mean = (of: (area: Area) => number): number =>
    still.reduce((sum, kind) => sum + kind.count * of(kind.design.area), 0) / count;
  return {
    ...first.design,
    uses: [...new Set(kinds.flatMap((kind) => kind.design.uses))],
    tableware: kinds.some((kind) => kind.design.tableware),
    area: { areaMm2: mean((area) => area.areaMm2), endGrainMm2: mean((area) => area.endGrainMm2) },
  };
}

/** The surface of a piece without a shape, by what its first weighed coat took; null before one was weighed. */
function areaByCoat(book: Batch['book'], steps: KnownRegimen['steps'], { porosity }: Species): Area | null {
  for (const { stands } of book) {
    const step = stands && steps.find((one) => one.id === stepOfTask(stands.task));
    if (!stands || !step?.coatClass || step.coat !== 1 || stands.gramsEstimated || !stands.grams) continue;
    return { areaMm2: areaTaking(stands.grams / Math.max(1, stands.pieces), step.coatClass, porosity), endGrainMm2: 0 };
  }
  return null;
}

/** Ids of batches with pieces still to be decided on, oldest first. */
export const openBatchIds = (db: Db): number[] => keep(db, 'open batches', () => readOpen(db));

function readOpen(db: Db): number[] {
  const trials = closedTrialBatches(db);
  return db
    .select({ id: batch.id })
    .from(batchOpen)
    .innerJoin(batch, eq(batch.id, batchOpen.batchId))
    .where(
      and(
        trials.length > 0 ? notInArray(batch.id, [...trials]) : sql`1`,
        isNull(batch.joinedTo),
        isNull(batch.cancelledAt),
        sql`exists (select 1 from ${piece} where ${piece.batchId} = ${batch.id} and ${piece.leftAt} is null)`,
      ),
    )
    .orderBy(asc(batch.id))
    .all()
    .map((row) => row.id);
}

/** So many decided batches are listed; older ones are found by their number. */
const DECIDED_LISTED = 400;

/** Ids of batches that were released or rejected, the newest decision first. */
export const decidedBatchIds = (db: Db): number[] =>
  keep(db, 'decided batches', () => [
    ...new Set(
      db
        .select({ id: release.batchId })
        .from(release)
        .where(or(isNull(release.next), ne(release.next, 'mend')))
        .orderBy(desc(release.id))
        .limit(DECIDED_LISTED)
        .all()
        .map((row) => row.id),
    ),
  ]);

export const findBatchId = (db: Db, number: string): number | null =>
  db.select({ id: batch.id }).from(batch).where(eq(batch.number, number)).get()?.id ?? null;
